<?php

declare(strict_types=1);

namespace App\Gateway;

use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What a hub answers when it is asked for its events: in the order of their numbers, each once. */
final readonly class EventPage
{
    /** As many characters as the database keeps of it */
    public const LONGEST_EPOCH = 64;

    /** @param list<RawEvent> $events */
    private function __construct(
        public string $epoch,
        public Carbon $clock,
        public int $oldest,
        public int $newest,
        public array $events,
    ) {}

    /** @throws InvalidInput */
    public static function read(Input $page): self
    {
        $events = [];
        foreach ($page->get('events')->items() as $event) {
            $read = RawEvent::read($event);
            $events[$read->sequence] ??= $read;
        }
        ksort($events);
        $newest = $page->get('newest')->wholeFrom(0);
        if (array_key_last($events) > $newest) {
            throw InvalidInput::outOfRange('$.newest', 'the number of the last event, or more');
        }

        return new self(
            $page->get('epoch')->idUpTo(self::LONGEST_EPOCH),
            Carbon::instance($page->get('clock')->moment())->utc(),
            $page->get('oldest')->wholeFrom(0),
            $newest,
            array_values($events),
        );
    }
}
