<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What the sheet of a device for a box in the wall says: its depth, its neutral, and what it may switch. */
final readonly class FitSheet
{
    /** To put one in where its sheet does not say (assumption) */
    private const USUAL_MINUTES = 20;

    /**
     * @param  int  $gangs  switches that it has
     * @param  float  $leastLoadW  that it needs with a neutral
     * @param  float  $leastWithoutW  that it needs without one
     * @param  array<string, float>  $limitsW  what it may switch of each kind of load; 0: it is not made for it
     * @param  list<float>  $derating  share of its limits, by how many such stand side by side
     * @param  list<Terminal>  $terminals
     * @param  TwoWaySide|null  $twoWay  the box of a two-way circuit that it wants; null: either
     * @param  int  $minutes  that it takes to put in
     * @param  string  $manual  how it is worked without a network
     */
    private function __construct(
        public float $depthMm,
        public int $gangs,
        public NeutralNeed $neutral,
        public float $leastLoadW,
        public float $leastWithoutW,
        public array $limitsW,
        public bool $isDimmer,
        public array $derating,
        public array $terminals,
        public ?TwoWaySide $twoWay,
        public int $minutes,
        public string $manual,
    ) {}

    /** @throws InvalidInput */
    public static function fromInput(Input $input): self
    {
        $least = $input->find('leastLoadW');
        $derating = $input->find('derating');
        $side = $input->find('twoWay');

        return new self(
            $input->get('depthMm')->numberFrom(0),
            $input->find('gangs')?->wholeFrom(1) ?? 1,
            NeutralNeed::from($input->get('neutral')->word(array_column(NeutralNeed::cases(), 'value'))),
            $least?->find('neutral')?->numberFrom(0) ?? 0.0,
            $least?->find('noNeutral')?->numberFrom(0) ?? 0.0,
            self::limits($input->get('limitsW')),
            $input->find('dimmer')?->flag() ?? false,
            $derating === null ? [] : array_map(self::share(...), $derating->items()),
            array_map(Terminal::fromInput(...), $input->find('terminals')?->items() ?? []),
            $side === null ? null : TwoWaySide::from($side->word(array_column(TwoWaySide::cases(), 'value'))),
            $input->find('minutes')?->wholeFrom(1) ?? self::USUAL_MINUTES,
            $input->find('manual')?->text() ?? '',
        );
    }

    /** What it may switch of this kind, with so many of them side by side. */
    public function limitW(LoadKind $kind, int $ganged): float
    {
        return $this->limitsW[$kind->value] * $this->deratingOf($ganged);
    }

    public function terminal(string $mark): ?Terminal
    {
        return array_values(array_filter($this->terminals, static fn (Terminal $one): bool => $one->mark === $mark))[0] ?? null;
    }

    /** By position in its list; its last beyond. */
    private function deratingOf(int $ganged): float
    {
        return $this->derating === [] ? 1.0 : $this->derating[min($ganged, count($this->derating)) - 1];
    }

    /** @return array<string, float> */
    private static function limits(Input $input): array
    {
        $limits = [];
        foreach (LoadKind::cases() as $kind) {
            $limits[$kind->value] = $input->find($kind->value)?->numberFrom(0) ?? 0.0;
        }

        return $limits;
    }

    private static function share(Input $input): float
    {
        $share = $input->positive();

        return $share <= 1.0 ? $share : throw InvalidInput::outOfRange($input->at, 'a share of at most 1');
    }
}
