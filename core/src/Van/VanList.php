<?php

declare(strict_types=1);

namespace Kavvel\Core\Van;

use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Fit\FitCode;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Fit\Wire;

/** What has to be in the van for the work that is open (RULES 9.8). */
final readonly class VanList
{
    /** From this height a ladder is needed, in metres above the floor (RULES 9.8) */
    private const LADDER_FROM_M = 2.2;

    /** Spare batteries of a kind, as a share; one at least (RULES 9.8) */
    private const SPARE_SHARE = 0.1;

    /** A box that lacks more takes a deeper box instead of a spacer, in millimetres (assumption) */
    private const MOST_SPACER_MM = 20;

    /** Connectors of a box in which nobody has noted the conductors: line, neutral and earth (assumption) */
    private const USUAL_CONNECTORS = 3;

    /** @param list<VanSlot> $slots */
    private function __construct(private array $slots) {}

    /** @param list<VanSlot> $slots those of the visit */
    public static function of(array $slots): self
    {
        return new self($slots);
    }

    /** @return list<VanRow> kind by kind, by name in each */
    public function rows(): array
    {
        $bring = array_values(array_filter($this->slots, static fn (VanSlot $one): bool => $one->isToBring()));
        $wire = array_values(array_filter($bring, static fn (VanSlot $one): bool => $one->isToWire()));
        $rows = [
            ...$this->devices($bring),
            ...$this->boxes($wire),
            ...$this->smallParts($wire),
            ...$this->batteries($bring),
            ...$this->tools($bring, $wire),
            ...($bring === [] ? [] : [new VanRow(VanKind::Label, 'Device labels', count($bring))]),
        ];
        $kinds = array_flip(array_column(VanKind::cases(), 'value'));
        usort($rows, static fn (VanRow $a, VanRow $b): int => [$kinds[$a->kind->value], $a->what] <=> [$kinds[$b->kind->value], $b->what]);

        return $rows;
    }

    /**
     * @param  list<VanSlot>  $slots
     * @return list<VanRow>
     */
    private function devices(array $slots): array
    {
        return $this->counted(VanKind::Device, array_map(
            static fn (VanSlot $one): string => "{$one->profile->name}, {$one->profile->model}",
            $slots,
        ));
    }

    /**
     * @param  list<VanSlot>  $slots
     * @return list<VanRow>
     */
    private function boxes(array $slots): array
    {
        $names = [];
        foreach ($slots as $slot) {
            $case = $slot->fit?->case;
            if ($case === null) {
                continue;
            }
            $lacks = (int) ($slot->fit?->spacerMm() ?? 0);
            if ($lacks > self::MOST_SPACER_MM) {
                $names[] = sprintf('Back box, %d mm deep or more', ceil($case->needDepthMm()));
            } elseif ($lacks + $case->spacerMm > 0) {
                $names[] = sprintf('Spacer, %d mm', ceil($lacks + $case->spacerMm));
            }
        }

        return $this->counted(VanKind::Box, $names);
    }

    /**
     * @param  list<VanSlot>  $slots
     * @return list<VanRow>
     */
    private function smallParts(array $slots): array
    {
        $connectors = $caps = $bypasses = 0;
        foreach ($slots as $slot) {
            $goesTo = array_map(static fn (Wire $wire): ?string => $wire->goesTo, $slot->wires);
            $noted = array_filter($goesTo) !== [];
            $connectors += $noted ? $this->groups($slot->wires) : self::USUAL_CONNECTORS;
            $caps += count(array_keys($goesTo, Wire::CAPPED, true));
            $bypasses += $slot->fit?->case->hasBypass === true || $slot->fit?->has(FitCode::UnderLeastLoad) === true ? 1 : 0;
        }

        return array_values(array_filter([
            $connectors > 0 ? new VanRow(VanKind::Small, 'Connectors', $connectors, 'one for each group of conductors') : null,
            $caps > 0 ? new VanRow(VanKind::Small, 'End caps', 2 * $caps, 'both ends of what is not used') : null,
            $bypasses > 0 ? new VanRow(VanKind::Small, 'Bypasses for lamps', $bypasses, 'as the sheet of the device says') : null,
        ]));
    }

    /** @param list<Wire> $wires */
    private function groups(array $wires): int
    {
        $joined = array_filter($wires, static fn (Wire $wire): bool => $wire->goesTo === Wire::CONNECTOR);

        return count(array_unique(array_map(static fn (Wire $wire): string => $wire->role->value ?? '', $joined)));
    }

    /**
     * @param  list<VanSlot>  $slots
     * @return list<VanRow>
     */
    private function batteries(array $slots): array
    {
        $needed = [];
        foreach ($slots as $slot) {
            $battery = $slot->profile->battery;
            if ($battery !== null) {
                $needed[$battery->type] = ($needed[$battery->type] ?? 0) + $battery->count;
            }
        }
        $rows = [];
        foreach ($needed as $type => $count) {
            $spare = max(1, (int) ceil($count * self::SPARE_SHARE));
            $rows[] = new VanRow(VanKind::Battery, (string) $type, $count + $spare, "{$count} and {$spare} spare");
        }

        return $rows;
    }

    /**
     * @param  list<VanSlot>  $slots
     * @param  list<VanSlot>  $wired
     * @return list<VanRow>
     */
    private function tools(array $slots, array $wired): array
    {
        $high = array_filter($slots, static fn (VanSlot $one): bool => $one->heightM > self::LADDER_FROM_M);
        $recipes = array_merge(...array_map(static fn (VanSlot $one): array => $one->profile->recipe->join ?? [], $slots));
        $tools = array_unique(array_filter(array_map(static fn (Step $step): ?string => $step->tool(), $recipes)));
        $hung = array_filter($slots, static fn (VanSlot $one): bool => HangStep::of($one->profile) !== []);

        return [
            ...($wired === [] ? [] : [
                new VanRow(VanKind::Tool, 'Two-pole voltage detector, and a known source', 1, 'to prove dead'),
                new VanRow(VanKind::Tool, 'Lock and tag', 1, 'one for each person'),
                new VanRow(VanKind::Tool, 'Insulated screwdrivers', 1),
            ]),
            ...($high === [] ? [] : [new VanRow(VanKind::Tool, 'Ladder', 1, sprintf('%d over %s m', count($high), self::LADDER_FROM_M))]),
            ...($hung === [] ? [] : [new VanRow(VanKind::Tool, 'Drill and screws', 1, 'for blinds and locks')]),
            ...array_map(static fn (string $tool): VanRow => new VanRow(VanKind::Tool, ucfirst($tool), 1), array_values($tools)),
        ];
    }

    /**
     * @param  list<string>  $names
     * @return list<VanRow>
     */
    private function counted(VanKind $kind, array $names): array
    {
        $rows = [];
        foreach (array_count_values($names) as $name => $count) {
            $rows[] = new VanRow($kind, (string) $name, $count);
        }

        return $rows;
    }
}
