<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\FitSheet;
use Kavvel\Core\Catalogue\Terminal;
use Kavvel\Core\Catalogue\WireRole;

/** Every conductor of a box held against the device that goes in: what is open, and what would be wrong (RULES 9.4). */
final readonly class Worksheet
{
    /** @param list<Wire> $wires */
    private function __construct(public array $wires, private FitSheet $sheet, private ?FoundBox $box, private bool $hasPicture) {}

    /**
     * @param  list<Wire>  $wires
     * @param  bool  $hasPicture  a photograph shows the box as it was found
     */
    public static function of(array $wires, FitSheet $sheet, ?FoundBox $box, bool $hasPicture): self
    {
        return new self($wires, $sheet, $box, $hasPicture);
    }

    /** @return list<WireRemark> in the order of the faults, then of the conductors */
    public function remarks(): array
    {
        $remarks = [];
        foreach (WireFault::cases() as $fault) {
            $remarks = [...$remarks, ...$this->remarksOf($fault)];
        }

        return $remarks;
    }

    public function isSound(): bool
    {
        return $this->remarks() === [];
    }

    /** @return list<string> what to do to leave the box as it was found, in words */
    public function putBack(): array
    {
        return array_map(
            static fn (Wire $wire): string => ucfirst($wire->name)
                .($wire->wasAt === '' ? ' where the photograph shows it' : " back to {$wire->wasAt}"),
            $this->wires,
        );
    }

    /** @return list<WireRemark> */
    private function remarksOf(WireFault $fault): array
    {
        return match ($fault) {
            WireFault::NoPicture => $this->whole($fault, ! $this->hasPicture, 'No photograph of the box as it was found.'),
            WireFault::NoWires => $this->whole($fault, $this->wires === [], 'No conductors are noted.'),
            WireFault::NoEarth => $this->whole(
                $fault,
                $this->wires !== [] && ! $this->has(WireRole::Earth),
                'No earth is noted: look for it.',
            ),
            WireFault::BoxNotEarthed => $this->whole(
                $fault,
                $this->box?->isMetal === true && ! $this->has(WireRole::Earth, Wire::BOX_EARTH),
                'A metal box is earthed: no conductor goes to its earth.',
            ),
            WireFault::TerminalEmpty => $this->emptyTerminals(),
            default => $this->each($fault),
        };
    }

    /** @return list<WireRemark> */
    private function each(WireFault $fault): array
    {
        $remarks = [];
        foreach ($this->wires as $wire) {
            $words = $this->words($fault, $wire);
            if ($words !== null) {
                $remarks[] = new WireRemark($fault, $wire->name, ucfirst($wire->name).": {$words}");
            }
        }

        return $remarks;
    }

    private function words(WireFault $fault, Wire $wire): ?string
    {
        $terminal = $wire->goesTo === null ? null : $this->sheet->terminal($wire->goesTo);
        $isAtDevice = $wire->goesTo !== null && ! in_array($wire->goesTo, Wire::PLACES, true);

        return match (true) {
            $fault === WireFault::WasNowhere && $wire->wasAt === '' => 'where was it?',
            $fault === WireFault::NoRole && $wire->role === null => 'what is it?',
            $fault === WireFault::NotProved && $wire->role !== null && $wire->evidence?->isProof() !== true => $wire->evidence === null
                ? 'how is that known?'
                : 'its colour is a guess. Measure it, or follow it to its end.',
            $fault === WireFault::NoWay && $wire->goesTo === null => 'where does it go?',
            $fault === WireFault::NoSuchTerminal && $isAtDevice && $terminal === null => "the device has no terminal {$wire->goesTo}.",
            $fault === WireFault::WrongTerminal && $terminal !== null && $wire->role !== null && $terminal->takes !== $wire->role =>
                "{$terminal->mark} takes the {$terminal->takes->words()}, and this is {$wire->role->words()}.",
            $fault === WireFault::EarthUsed && $wire->role === WireRole::Earth && $wire->goesTo === Wire::CAPPED =>
                'an earth is never left off.',
            $fault === WireFault::LineCapped && $this->isCappedFeed($wire) => 'it feeds the device, and is capped.',
            $fault === WireFault::FarEndOpen && $wire->goesTo === Wire::CAPPED && ! $wire->isFarEndSafe =>
                'capped here; make its other end safe too, and note it.',
            $fault === WireFault::ConnectorAlone && $this->isAloneInConnector($wire) => 'alone in a connector: with which?',
            $fault === WireFault::LowBesideMains && $wire->role === WireRole::ExtraLow && $this->box?->hasBarrier !== true =>
                'extra-low voltage shares no box with mains without a barrier. Take it out, or put a barrier in.',
            default => null,
        };
    }

    /** @return list<WireRemark> */
    private function emptyTerminals(): array
    {
        if ($this->wires === []) {
            return [];
        }
        $empty = array_filter($this->sheet->terminals, fn (Terminal $one): bool => $one->isNeeded && ! $this->isTaken($one));

        return array_values(array_map(static fn (Terminal $one): WireRemark => new WireRemark(
            WireFault::TerminalEmpty,
            null,
            "Nothing goes to {$one->mark}: it takes the {$one->takes->words()}.",
        ), $empty));
    }

    /** By a conductor of its own, or by a link from the connector that conductors of its kind are joined in. */
    private function isTaken(Terminal $terminal): bool
    {
        return $this->has($terminal->takes, Wire::CONNECTOR)
            || array_filter($this->wires, static fn (Wire $wire): bool => $wire->goesTo === $terminal->mark) !== [];
    }

    private function isCappedFeed(Wire $wire): bool
    {
        $feeds = array_filter($this->sheet->terminals, static fn (Terminal $one): bool => $one->takes === WireRole::Line) !== [];

        return $wire->role === WireRole::Line && $wire->goesTo === Wire::CAPPED && $feeds && ! $this->has(WireRole::Line, Wire::CONNECTOR);
    }

    /** No other of its kind is joined with it, and no link to the device goes from it. */
    private function isAloneInConnector(Wire $wire): bool
    {
        if ($wire->goesTo !== Wire::CONNECTOR || $wire->role === null) {
            return false;
        }
        $joined = array_filter($this->wires, static fn (Wire $one): bool => $one->goesTo === Wire::CONNECTOR && $one->role === $wire->role);
        $own = array_filter($this->sheet->terminals, static fn (Terminal $one): bool => $one->takes === $wire->role);
        $free = array_filter($own, fn (Terminal $one): bool => array_filter(
            $this->wires,
            static fn (Wire $other): bool => $other->goesTo === $one->mark,
        ) === []);

        return count($joined) === 1 && $free === [];
    }

    /** @param string|null $goesTo null: wherever */
    private function has(WireRole $role, ?string $goesTo = null): bool
    {
        return array_filter(
            $this->wires,
            static fn (Wire $wire): bool => $wire->role === $role && ($goesTo === null || $wire->goesTo === $goesTo),
        ) !== [];
    }

    /** @return list<WireRemark> */
    private function whole(WireFault $fault, bool $isSo, string $words): array
    {
        return $isSo ? [new WireRemark($fault, null, $words)] : [];
    }
}
