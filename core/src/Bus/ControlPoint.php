<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** What is operated as one thing on a bus: its addresses, and what it lacks. */
final readonly class ControlPoint
{
    /**
     * @param  list<GroupEntry>  $entries
     * @param  list<BusFunction>  $missing  that it needs
     * @param  list<BusFunction>  $missingFeedback
     * @param  list<BusFunction>  $twice  for which it has more than one address
     */
    private function __construct(
        public string $name,
        public BusTemplate $template,
        public array $entries,
        public array $missing,
        public array $missingFeedback,
        public array $twice,
    ) {}

    /**
     * Addresses whose names differ only in what they are for belong together.
     *
     * @param  list<GroupEntry>  $entries
     * @return list<self> in order of their names
     */
    public static function all(array $entries): array
    {
        $points = [];
        foreach ($entries as $entry) {
            $points[self::key($entry->point)][] = $entry;
        }
        ksort($points, SORT_NATURAL);

        return array_values(array_map(self::of(...), $points));
    }

    /** By which names are of one control point: capitals make no difference. */
    public static function key(string $name): string
    {
        return 'point '.mb_strtolower($name);
    }

    /** @param non-empty-list<GroupEntry> $entries */
    private static function of(array $entries): self
    {
        $functions = array_values(array_filter(array_map(static fn (GroupEntry $one): ?BusFunction => $one->function, $entries)));
        $template = BusTemplate::of($functions);
        $lacks = static fn (array $wanted): array => array_values(array_filter(
            $wanted,
            static fn (BusFunction $one): bool => ! in_array($one, $functions, true),
        ));
        $times = array_count_values(array_map(static fn (BusFunction $one): string => $one->value, $functions));

        return new self(
            $entries[0]->point,
            $template,
            $entries,
            $lacks($template->needs()),
            $lacks($template->feedback()),
            array_map(BusFunction::from(...), array_keys(array_filter($times, static fn (int $many): bool => $many > 1))),
        );
    }

    public function entryAt(int $number): ?GroupEntry
    {
        foreach ($this->entries as $entry) {
            if ($entry->address->number === $number) {
                return $entry;
            }
        }

        return null;
    }

    /** Something is told to it: it is no mere sensor. */
    public function isLoad(): bool
    {
        return array_filter($this->entries, static fn (GroupEntry $one): bool => $one->function?->isSaidByLoad() === false) !== [];
    }

    public function isSwitched(): bool
    {
        return array_filter($this->entries, static fn (GroupEntry $one): bool => $one->function === BusFunction::Switch) !== [];
    }

    public function isComplete(): bool
    {
        return $this->missing === [] && $this->missingFeedback === [] && $this->twice === [];
    }

    /** @return list<string> what is wrong with it, in words */
    public function findings(): array
    {
        $list = static fn (array $functions): string => implode(', ', array_map(
            static fn (BusFunction $one): string => $one->words(),
            $functions,
        ));

        return array_values(array_filter([
            $this->missing === [] ? null : "No address for: {$list($this->missing)}.",
            $this->missingFeedback === [] ? null : "Nothing tells its {$list($this->missingFeedback)}: only what was last sent is known.",
            $this->twice === [] ? null : "More than one address for: {$list($this->twice)}.",
        ]));
    }
}
