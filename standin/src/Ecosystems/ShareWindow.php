<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Codes\Flow;
use Kavvel\Core\Codes\MatterPayload;
use Kavvel\Core\Codes\MatterQr;

/** A sharing window that is open: whoever has its code can add what stands behind it. */
final readonly class ShareWindow
{
    /** How a Matter device is found that is on the network already */
    private const ON_NETWORK = 4;

    /** @param string|null $device the one that is shared; null: all that the box shows */
    private function __construct(
        public string $ref,
        public string $box,
        public ?string $device,
        public int $closesAt,
        public string $code,
    ) {}

    public static function open(int $seed, string $ref, string $box, ?string $device, int $closesAt): self
    {
        $hash = hash('sha256', "{$seed} window {$ref}");
        $payload = MatterPayload::of(
            65_521,
            32_769,
            Flow::Standard,
            self::ON_NETWORK,
            (int) hexdec(substr($hash, 0, 3)),
            30_000_001 + (int) hexdec(substr($hash, 8, 6)),
        );

        return new self($ref, $box, $device, $closesAt, MatterQr::of($payload)->spelling());
    }

    public function isOpenedBy(string $code): bool
    {
        try {
            return Codes::read($code)[0]->identity() === Codes::read($this->code)[0]->identity();
        } catch (CodeRefused) {
            return false;
        }
    }
}
