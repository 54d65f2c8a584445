<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** `MT:` and a payload in base 38; several are joined by `*`. */
final readonly class MatterQr implements Code
{
    private const PREFIX = 'MT:';

    /** Of a payload's fixed part in base 38 */
    private const LEAST_CHARACTERS = 19;

    private function __construct(public MatterPayload $payload) {}

    public static function of(MatterPayload $payload): self
    {
        return new self($payload);
    }

    public static function isMeant(Typed $typed): bool
    {
        return str_starts_with($typed->code, self::PREFIX);
    }

    /**
     * @return non-empty-list<self>
     *
     * @throws CodeRefused
     */
    public static function readAll(Typed $typed): array
    {
        if (! self::isMeant($typed)) {
            throw CodeRefused::unknownFormat('A Matter QR code begins with “MT:”.');
        }
        $codes = [];
        $at = strlen(self::PREFIX);
        foreach (explode('*', substr($typed->code, $at)) as $part) {
            $codes[] = self::read($typed->from($at)->upTo(mb_strlen($part)));
            $at += mb_strlen($part) + 1;
        }

        return $codes;
    }

    public function kind(): CodeKind
    {
        return CodeKind::MatterQr;
    }

    public function fields(): array
    {
        return [
            'version' => 0,
            'vendorId' => $this->payload->vendorId,
            'productId' => $this->payload->productId,
            'flow' => $this->payload->flow->value,
            'discovery' => array_column(Discovery::ofBits($this->payload->discoveryBits), 'value'),
            'discriminator' => $this->payload->discriminator,
            'passcode' => $this->payload->passcode,
            'manualCode' => $this->manual()->spelling(),
            'manualCodeFull' => $this->manualWithIds()->spelling(),
        ];
    }

    public function warnings(): array
    {
        return $this->payload->warnings();
    }

    public function spelling(): string
    {
        return self::PREFIX.Base38::of($this->payload->bytes());
    }

    public function shown(): string
    {
        return $this->spelling();
    }

    public function identity(): string
    {
        return $this->manual()->identity();
    }

    public function product(): ProductIds
    {
        return ProductIds::matter($this->payload->vendorId, $this->payload->productId);
    }

    public function manual(): MatterManual
    {
        return MatterManual::of($this->payload->discriminator >> 8, $this->payload->passcode);
    }

    public function manualWithIds(): MatterManual
    {
        return MatterManual::of(
            $this->payload->discriminator >> 8,
            $this->payload->passcode,
            $this->payload->vendorId,
            $this->payload->productId,
        );
    }

    private static function read(Typed $typed): self
    {
        return new self(MatterPayload::ofBytes(Base38::bytes($typed, self::LEAST_CHARACTERS)));
    }
}
