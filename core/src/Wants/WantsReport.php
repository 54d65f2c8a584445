<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** What the wants of a job ask of its plan. */
final readonly class WantsReport
{
    /**
     * @param  list<Suggestion>  $suggestions
     * @param  list<UnmetWant>  $unmet
     * @param  array<string, list<string>>  $served  slots by "room function", of every function that is wanted
     * @param  array<string, int>  $open  how many devices are missing, by "room function"
     * @param  list<string>  $unasked  slots that no want asks for
     */
    public function __construct(
        public array $suggestions,
        public array $unmet,
        public array $served,
        public array $open,
        public array $unasked,
    ) {}

    public static function of(string $room, WantedFunction $function): string
    {
        return "{$room} {$function->value}";
    }

    public function isServed(string $room, WantedFunction $function): bool
    {
        $cell = self::of($room, $function);

        return ($this->served[$cell] ?? []) !== [] && ($this->open[$cell] ?? 0) === 0;
    }

    /** How many wanted functions of a room are served whole. */
    public function countServed(): int
    {
        return count(array_filter(
            array_keys($this->served),
            fn (string $cell): bool => $this->served[$cell] !== [] && ($this->open[$cell] ?? 0) === 0,
        ));
    }
}
