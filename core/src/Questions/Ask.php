<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

use Kavvel\Core\Closing\CountDifference;

/** Something on the job that nobody has asked about yet, and should. */
final readonly class Ask
{
    /**
     * @param  string  $about  tells it from others: another one once what it is about changes
     * @param  list<Source>  $sources
     * @param  string|null  $room  that it is in
     */
    private function __construct(
        public string $about,
        public string $text,
        public string $otherwise,
        public array $sources,
        public ?string $room,
    ) {}

    /** Null where designer and plan agree: more fitted than planned is seen on site, and nobody else can tell. */
    public static function ofCount(CountDifference $count): ?self
    {
        return $count->designer === null || $count->designer === $count->plan ? null : new self(
            self::aboutCount($count),
            "How many points for {$count->purpose} are to be there?",
            "It is built as the plan has it: {$count->plan}.",
            [new Source('Designer', (string) $count->designer), new Source('Plan', (string) $count->plan)],
            null,
        );
    }

    public static function aboutCount(CountDifference $count): string
    {
        return "count {$count->purpose} {$count->designer}/{$count->plan}";
    }

    /** @param string $room what its room is called */
    public static function ofUnlike(UnlikeNeighbours $unlike, string $room): self
    {
        return new self(
            $unlike->key(),
            $unlike->words($room).' Is it meant so?',
            "It gets no {$unlike->treatment->value}.",
            [],
            $unlike->room,
        );
    }
}
