<?php

declare(strict_types=1);

namespace App\Gateway;

use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** An event as it came: its number can be read; whatever else of it can't is said where it is carried out. */
final readonly class RawEvent
{
    /** Longer ones are not kept */
    public const LONGEST_BYTES = 16_000;

    public const LONGEST_TYPE = 40;

    private const LARGEST_SEQUENCE = 9_007_199_254_740_991;

    private function __construct(public int $sequence, private Input $event) {}

    /** @throws InvalidInput where it has no number: then nobody knows what came before it */
    public static function read(Input $event): self
    {
        return new self($event->get('sequence')->whole(1, self::LARGEST_SEQUENCE), Input::of($event->properties()));
    }

    /** One that was kept before. */
    public static function kept(int $sequence, string $type, string $at, mixed $data): self
    {
        return new self($sequence, Input::of(['sequence' => $sequence, 'type' => $type, 'at' => $at, 'data' => $data]));
    }

    /** @throws InvalidInput */
    public function type(): string
    {
        return $this->event->get('type')->idUpTo(self::LONGEST_TYPE);
    }

    /** @throws InvalidInput */
    public function at(): Carbon
    {
        return Carbon::instance($this->event->get('at')->moment())->utc();
    }

    /** @throws InvalidInput */
    public function data(): Input
    {
        if (strlen($this->json()) > self::LONGEST_BYTES) {
            throw InvalidInput::outOfRange('$.data', 'of at most '.self::LONGEST_BYTES.' bytes');
        }

        return Input::of($this->event->get('data')->properties(), '$.data');
    }

    /** As much of its type as there is. */
    public function typeUpTo(int $characters): string
    {
        $type = $this->event->find('type')?->raw();

        return is_string($type) ? mb_substr($type, 0, $characters) : '';
    }

    /** What came with it; of something endless, its beginning in words. */
    public function jsonToKeep(): string
    {
        $json = $this->json();

        return strlen($json) <= self::LONGEST_BYTES ? $json : (string) json_encode(['beginning' => mb_strcut($json, 0, 1_000)]);
    }

    private function json(): string
    {
        return (string) json_encode($this->event->find('data')?->raw(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
