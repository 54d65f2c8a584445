<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

/** The houses that stand in: the one of the demo, and those of docs/cases.md below `/houses/NAME`, each with a state of its own. */
final readonly class Houses
{
    /** A house of which nobody has said more than its plan */
    private const NO_OVERLAY = '{"seed": 1, "walls": [], "faults": {}}';

    /**
     * @param  string  $base  where its pages are: empty, or "/houses/harness-yard"
     * @param  string  $path  what is asked for below that
     */
    private function __construct(
        public string $base,
        public string $path,
        private string $job,
        private string $overlay,
        public string $state,
    ) {}

    /** Null: there is no such house. */
    public static function asked(string $path, string $job, string $overlay, string $state): ?self
    {
        if (preg_match('#^/houses/([a-z][a-z0-9-]{0,60})(/.*)?$#', $path, $found) !== 1) {
            return new self('', $path, $job, $overlay, $state);
        }
        $file = dirname($job)."/cases/{$found[1]}";

        return is_file("{$file}.json")
            ? new self("/houses/{$found[1]}", $found[2] ?? '/', "{$file}.json", "{$file}.truth.json", "{$state}/{$found[1]}")
            : null;
    }

    public function house(): House
    {
        return (new KeptHouse($this->state))->of(
            (string) file_get_contents($this->job),
            is_file($this->overlay) ? (string) file_get_contents($this->overlay) : self::NO_OVERLAY,
        );
    }
}
