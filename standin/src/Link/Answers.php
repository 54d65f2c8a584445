<?php

declare(strict_types=1);

namespace Kavvel\Standin\Link;

use Kavvel\Standin\Time\HandLog;

/** How the links of the stand-in answer. */
final readonly class Answers
{
    public function __construct(private HandLog $log) {}

    /**
     * Takes a command in: the log carries out once what is written with one id, however often.
     *
     * @param  array<string, mixed>  $entry
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    public function taken(array $entry, array $body, string $name = 'command'): array
    {
        $id = $body['command'] ?? null;
        if (! is_string($id) || preg_match('/^[A-Za-z0-9-]{8,64}$/', $id) !== 1) {
            return self::refused(422, 'missing', 'Every command carries its own id of 8 to 64 letters, digits or dashes.');
        }
        $this->log->append([...$entry, 'command' => $id]);

        return [202, [$name => $id]];
    }

    /** @return array{int, array{error: array{code: string, message: string}}} */
    public static function refused(int $status, string $code, string $message): array
    {
        return [$status, ['error' => ['code' => $code, 'message' => $message]]];
    }
}
