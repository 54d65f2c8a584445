<?php

declare(strict_types=1);

namespace Kavvel\Standin\Time;

use RuntimeException;

/** What hands and hub commands did, one JSON line each, and how far the clock was advanced. Append-only. */
final readonly class HandLog
{
    private string $file;

    /** Where the state is kept that this log came to */
    public string $snapshot;

    public function __construct(string $folder)
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $this->file = $folder.'/hands.jsonl';
        $this->snapshot = $folder.'/state.snapshot';
    }

    /**
     * From a place in the file on, which is begun where there is none.
     *
     * @return array{list<array<string, mixed>>, int} the entries, and the place after the last
     */
    public function from(int $place): array
    {
        if (! is_file($this->file)) {
            $this->append(self::boot());
        }
        $entries = [];
        $handle = fopen($this->file, 'r') ?: throw new RuntimeException("The stand-in can't read {$this->file}.");
        flock($handle, LOCK_SH);
        fseek($handle, $place);
        while (($line = fgets($handle)) !== false) {
            $entries[] = (array) json_decode($line, true, 16, JSON_THROW_ON_ERROR);
        }
        $end = (int) ftell($handle);
        fclose($handle);

        return [$entries, $end];
    }

    /** Which log this is: another after the house was put back. */
    public function beginning(): string
    {
        return is_file($this->file) ? (string) fgets(fopen($this->file, 'r') ?: throw new RuntimeException($this->file)) : '';
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
        $at = max($last, self::now(self::ahead($before)));
        fwrite($handle, json_encode(['at' => $at, ...$entry], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n");
        fclose($handle);
    }

    public function forget(): void
    {
        @unlink($this->file);
        @unlink($this->snapshot);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @return float seconds by which the clock was advanced
     */
    public static function ahead(array $entries): float
    {
        $ahead = 0.0;
        foreach ($entries as $entry) {
            $ahead += $entry['do'] === 'advance' ? (float) $entry['seconds'] : 0.0;
        }

        return $ahead;
    }

    /** Wall time and everything that the clock was advanced by, in ms. */
    public static function now(float $aheadSeconds): int
    {
        return (int) round((microtime(true) + $aheadSeconds) * 1000);
    }

    /** @return array{at: int, do: string, epoch: string} */
    private static function boot(): array
    {
        return ['at' => self::now(0.0), 'do' => 'boot', 'epoch' => bin2hex(random_bytes(6))];
    }
}
