<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** What the wants of a job ask of its plan. */
final readonly class WantsReport
{
    /**
     * @param  array<string, WantStanding>  $standings  of all that is wanted, by room and function
     * @param  list<Suggestion>  $suggestions
     * @param  list<UnmetWant>  $unmet
     * @param  list<string>  $unasked  slots that no want asks for
     */
    public function __construct(
        public array $standings = [],
        public array $suggestions = [],
        public array $unmet = [],
        public array $unasked = [],
    ) {}

    public function standing(string $room, WantedFunction $function): ?WantStanding
    {
        return $this->standings[self::cell($room, $function)] ?? null;
    }

    public static function cell(string $room, WantedFunction $function): string
    {
        return "{$room} {$function->value}";
    }

    public function countServed(): int
    {
        return count(array_filter($this->standings, static fn (WantStanding $one): bool => $one->isServed()));
    }
}
