<?php

declare(strict_types=1);

namespace Kavvel\Standin;

use RuntimeException;

/** What hands and gateway commands did, one JSON line each, and how far the clock was advanced. Append-only. */
final readonly class HandLog
{
    private string $file;

    public function __construct(string $folder)
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $this->file = $folder.'/hands.jsonl';
    }

    /** @return list<array<string, mixed>> */
    public function entries(): array
    {
        if (! is_file($this->file)) {
            $this->append(self::boot());
        }
        $entries = [];
        foreach (file($this->file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            $entries[] = (array) json_decode($line, true, 16, JSON_THROW_ON_ERROR);
        }

        return $entries;
    }

    /** @param array<string, mixed> $entry */
    public function append(array $entry): void
    {
        $handle = fopen($this->file, 'c+') ?: throw new RuntimeException("The stand-in can't write {$this->file}.");
        flock($handle, LOCK_EX);
        $before = [];
        while (($line = fgets($handle)) !== false) {
            $before[] = (array) json_decode($line, true);
        }
        if ($before === [] && $entry['do'] !== 'boot') {
            $before[] = self::boot();
            fwrite($handle, json_encode($before[0], JSON_THROW_ON_ERROR)."\n");
        }
        $last = (int) (end($before)['at'] ?? 0);
        fwrite(
            $handle,
            json_encode(['at' => max($last, self::now($before)), ...$entry], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n",
        );
        fclose($handle);
    }

    /** @return array{at: int, do: string, epoch: string} */
    private static function boot(): array
    {
        return ['at' => self::now([]), 'do' => 'boot', 'epoch' => bin2hex(random_bytes(6))];
    }

    public function forget(): void
    {
        @unlink($this->file);
    }

    /**
     * Wall time and everything that the clock was advanced by, in ms.
     *
     * @param  list<array<string, mixed>>  $entries
     */
    public static function now(array $entries): int
    {
        $ahead = 0.0;
        foreach ($entries as $entry) {
            $ahead += $entry['do'] === 'advance' ? (float) $entry['seconds'] : 0.0;
        }

        return (int) round(microtime(true) * 1000 + $ahead * 1000);
    }
}
