<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Catalogue\Connectors;

/** Switch, lamps or plug for one circuit (RULES 9.3; depth by 9.4). */
final readonly class ControlChoice
{
    private function __construct(private ChoiceCase $case) {}

    public static function of(ChoiceCase $case): self
    {
        return new self($case);
    }

    /** @return list<ChoiceOption> what can be before what can't, the cheaper first */
    public function options(): array
    {
        $options = array_map($this->option(...), ChoiceKind::cases());
        $merit = static fn (ChoiceOption $one): array => [$one->ruledOut !== [], $one->cost];
        usort($options, static fn (ChoiceOption $a, ChoiceOption $b): int => $merit($a) <=> $merit($b));

        return $options;
    }

    /** Null: nothing can be done as things stand. */
    public function best(): ?ChoiceOption
    {
        $best = $this->options()[0];

        return $best->ruledOut === [] ? $best : null;
    }

    /** From how many lamps on one switch costs no more than as many connected lamps; null: never, a lamp costs nothing. */
    public function breakEven(): ?int
    {
        $lamp = $this->case->prices->withLabour('lamp');

        return $lamp <= 0 ? null : max(1, (int) ceil($this->costOf(ChoiceKind::Switch, 0) / $lamp - 1e-9));
    }

    /** What a way would cost for so many lamps. */
    public function costOf(ChoiceKind $kind, int $lamps): float
    {
        $prices = $this->case->prices;

        return match ($kind) {
            ChoiceKind::Switch => $prices->withLabour('switch')
                + max(0, $this->case->place->places - 1) * $prices->withLabour('accessory'),
            ChoiceKind::Lamps => $lamps * $prices->withLabour('lamp'),
            ChoiceKind::Plug => $lamps * $prices->withLabour('plug'),
        };
    }

    private function option(ChoiceKind $kind): ChoiceOption
    {
        $lamps = $kind === ChoiceKind::Plug ? $this->case->place->plugged : $this->case->circuit->lampCount();

        return new ChoiceOption($kind, $this->costOf($kind, $lamps), $this->ruledOut($kind), $this->cautions($kind));
    }

    /** @return list<string> */
    private function ruledOut(ChoiceKind $kind): array
    {
        $place = $this->case->place;
        $lamps = $this->case->circuit->lampCount();

        return array_values(array_filter(match ($kind) {
            ChoiceKind::Switch => [
                $place->needsNeutral && $place->hasNeutral === false
                    ? 'There is no neutral in the box, and this switch needs one: a type without, with its least load, may do.' : null,
                $place->boxDepthMm !== null && $this->neededDepthMm() > $place->boxDepthMm ? sprintf(
                    'It needs %.0f mm, and the box is %.0f mm deep: a spacer of %.0f mm, or a flatter one.',
                    $this->neededDepthMm(),
                    $place->boxDepthMm,
                    ceil($this->neededDepthMm() - $place->boxDepthMm),
                ) : null,
                $place->wantsDim && $this->hasLamps(Dimmable::No)
                    ? 'Its lamps are not dimmable: change them, or do without dimming.' : null,
                $lamps > 0 && $place->plugged === $lamps ? 'All its lamps hang on plugs: there is nothing behind the wall switch.' : null,
            ],
            ChoiceKind::Lamps => [
                $lamps === 0 ? 'No lamps are noted.' : null,
                $place->isDimmed || $this->case->circuit->channel !== null ? 'Connected lamps never go on a dimmed circuit.' : null,
            ],
            ChoiceKind::Plug => [
                $place->plugged < $lamps || $lamps === 0 ? sprintf(
                    '%d of %d lamps hang on a plug: the others would stay as they are.',
                    $place->plugged,
                    $lamps,
                ) : null,
                $place->wantsDim ? 'A plug switches; it does not dim.' : null,
            ],
        }));
    }

    /** @return list<string> */
    private function cautions(ChoiceKind $kind): array
    {
        $place = $this->case->place;

        return array_values(array_filter(match ($kind) {
            ChoiceKind::Switch => [
                'Mains work: by a person licensed for it where the law asks, the circuit proved dead.',
                $place->needsNeutral && $place->hasNeutral === null ? 'Look whether the box has a neutral of this very circuit.' : null,
                $place->boxDepthMm === null ? 'Measure the box.' : null,
                $place->wantsDim && $this->hasLamps(Dimmable::Unknown)
                    ? 'Try a lamp on a dimmer first: nobody knows whether they dim.' : null,
                $place->places > 1
                    ? 'The main one goes where its sheet wants it, line or load side, found by test; unused travellers are made safe '
                        .'and recorded.' : null,
            ],
            ChoiceKind::Lamps => ['The old switch must stay on: switched off, the lamps are gone from the mesh.'],
            ChoiceKind::Plug => ['A plug that is pulled takes away what it relays for.'],
        }));
    }

    private function neededDepthMm(): float
    {
        return $this->case->place->deviceDepthMm + Connectors::depthMm($this->case->place->cables);
    }

    private function hasLamps(Dimmable $dimmable): bool
    {
        return array_filter($this->case->circuit->lamps, static fn (Lamps $lamps): bool => $lamps->dimmable === $dimmable) !== [];
    }
}
