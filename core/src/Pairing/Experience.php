<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What a company knows of a model from the devices that it has let in before. */
final readonly class Experience
{
    /** One device is a story, two are the beginning of experience (assumption) */
    private const LEAST_DEVICES = 2;

    /** What befell a third of them is said (assumption) */
    private const OFTEN = 1 / 3;

    /** @param list<string> $missing capabilities that were missing more than once, the most frequent first */
    private function __construct(
        public int $devices,
        public float $tries,
        public float $minutes,
        public ?AttemptState $often,
        public array $missing,
    ) {}

    /** @param list<Tried> $devices */
    public static function of(array $devices): ?self
    {
        $many = count($devices);
        if ($many < self::LEAST_DEVICES) {
            return null;
        }
        $missing = array_count_values(array_merge(...array_map(static fn (Tried $one): array => array_unique($one->missing), $devices)));
        $repeated = array_filter($missing, static fn (int $times): bool => $times > 1);
        arsort($repeated);

        return new self(
            $many,
            array_sum(array_map(static fn (Tried $one): int => $one->tries, $devices)) / $many,
            array_sum(array_map(static fn (Tried $one): float => $one->minutes, $devices)) / $many,
            self::often($devices),
            array_map(strval(...), array_keys($repeated)),
        );
    }

    /** "2.4 tries on average over 7 devices, 6 min each; the interview is often cut short." */
    public function words(): string
    {
        $tries = number_format($this->tries, 1, '.', '');
        $minutes = max(1, (int) round($this->minutes));
        $often = match ($this->often) {
            null => '',
            AttemptState::InPart => '; the interview is often cut short',
            AttemptState::Silent => '; it is often not heard at first',
            AttemptState::WindowEnded => '; the window often ends before it is in',
            default => '; it often fails on the way',
        };
        $missing = $this->missing === [] ? '' : ', and '.implode(', ', $this->missing).' was missing';

        return ($tries === '1.0' ? 'In at the first try' : "{$tries} tries on average")
            ." over {$this->devices} devices, {$minutes} min each{$often}{$missing}.";
    }

    /** @param list<Tried> $devices */
    private static function often(array $devices): ?AttemptState
    {
        $often = null;
        $most = 0;
        foreach (AttemptState::cases() as $state) {
            $times = count(array_filter($devices, static fn (Tried $one): bool => in_array($state, $one->failures, true)));
            if ($times > $most && $times >= self::OFTEN * count($devices)) {
                [$often, $most] = [$state, $times];
            }
        }

        return $often;
    }
}
