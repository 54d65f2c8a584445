<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** What a border router tells of its Thread network, as TLVs in hex digits (Thread specification, operational dataset). */
final readonly class ThreadDataset implements Code
{
    private const CHANNEL = 0;

    private const PAN_ID = 1;

    private const EXTENDED_PAN_ID = 2;

    private const NAME = 3;

    private const NETWORK_KEY = 5;

    private const PREFIX = 7;

    private const ACTIVE_TIMESTAMP = 14;

    /** Known types, and how many bytes each has; null: it varies */
    private const KNOWN = [
        self::CHANNEL => 3, self::PAN_ID => 2, self::EXTENDED_PAN_ID => 8, self::NAME => null, 4 => 16, self::NETWORK_KEY => 16,
        self::PREFIX => 8, 12 => null, self::ACTIVE_TIMESTAMP => 8, 53 => null,
    ];

    private const LONGEST_NAME = 16;

    /** Channels of the 2.4 GHz page (IEEE 802.15.4) */
    private const CHANNELS = [11, 26];

    /** A length byte of this says that two bytes of length follow */
    private const LONG = 0xFF;

    /** @param array<int, string> $values by type, in the order in which they stood */
    private function __construct(private array $values) {}

    /** @throws CodeRefused */
    public static function read(Typed $typed): self
    {
        $typed->hexDigits();
        if ($typed->length() === 0 || $typed->length() % 2 === 1) {
            throw CodeRefused::badLength(
                'A dataset has two hex digits for each byte, so an even number',
                (string) $typed->length(),
                $typed->place($typed->length()),
            );
        }
        $values = self::values($typed);
        foreach ($values as $type => [$value, $at]) {
            self::check($type, $value, $typed->place($at));
        }

        return new self(array_map(static fn (array $found): string => $found[0], $values));
    }

    /** Whether hex digits are meant as a dataset: they fall into pieces to the end, and most of these are known. */
    public static function isMeant(Typed $typed): bool
    {
        try {
            $read = $typed->isHex() ? self::read($typed) : null;

            return $read !== null && count($read->unknown()) * 2 < count($read->values);
        } catch (CodeRefused) {
            return false;
        }
    }

    public function kind(): CodeKind
    {
        return CodeKind::ThreadDataset;
    }

    public function extendedPanId(): ?string
    {
        return $this->hex(self::EXTENDED_PAN_ID);
    }

    public function networkName(): ?string
    {
        return $this->values[self::NAME] ?? null;
    }

    public function fields(): array
    {
        return [
            'channel' => $this->channel(),
            'panId' => $this->hex(self::PAN_ID),
            'extendedPanId' => $this->extendedPanId(),
            'networkName' => $this->networkName(),
            'networkKeyPresent' => isset($this->values[self::NETWORK_KEY]),
            'meshLocalPrefix' => $this->prefix(),
            'activeTimestampSeconds' => isset($this->values[self::ACTIVE_TIMESTAMP])
                ? (int) hexdec(bin2hex(substr($this->values[self::ACTIVE_TIMESTAMP], 0, 6))) : null,
            'unknown' => $this->unknown(),
        ];
    }

    public function warnings(): array
    {
        return array_values(array_filter([
            isset($this->values[self::NETWORK_KEY]) ? null : 'The network key is missing: nothing can join with it.',
            isset($this->values[self::EXTENDED_PAN_ID])
                ? null : 'The extended PAN id is missing: it can’t be told from another network.',
            isset($this->values[self::CHANNEL]) ? null : 'The channel is missing.',
        ]));
    }

    public function spelling(): string
    {
        $hex = '';
        foreach ($this->values as $type => $value) {
            $length = strlen($value) < self::LONG ? pack('C', strlen($value)) : pack('Cn', self::LONG, strlen($value));
            $hex .= bin2hex(chr($type).$length.$value);
        }

        return $hex;
    }

    public function shown(): string
    {
        return $this->spelling();
    }

    public function identity(): string
    {
        return $this->spelling();
    }

    public function product(): ?ProductIds
    {
        return null;
    }

    /** @return list<int> */
    private function unknown(): array
    {
        return array_values(array_filter(
            array_keys($this->values),
            static fn (int $type): bool => ! array_key_exists($type, self::KNOWN),
        ));
    }

    private function channel(): ?int
    {
        $value = $this->values[self::CHANNEL] ?? null;

        return $value === null ? null : self::channelOf($value);
    }

    private function hex(int $type): ?string
    {
        return isset($this->values[$type]) ? bin2hex($this->values[$type]) : null;
    }

    private function prefix(): ?string
    {
        $value = $this->values[self::PREFIX] ?? null;

        return $value === null ? null : inet_ntop($value.str_repeat("\0", 8)).'/64';
    }

    /**
     * @return array<int, array{string, int}> bytes and where they begin, by type
     *
     * @throws CodeRefused
     */
    private static function values(Typed $typed): array
    {
        $bytes = (string) hex2bin($typed->code);
        $values = [];
        for ($at = 0; $at < strlen($bytes);) {
            $type = ord($bytes[$at]);
            $length = ord($bytes[$at + 1] ?? "\0");
            $begins = $at + 2;
            if ($length === self::LONG) {
                $length = (int) hexdec(bin2hex(substr($bytes, $begins, 2)));
                $begins += 2;
            }
            $value = substr($bytes, $begins, $length);
            if ($begins > strlen($bytes) || strlen($value) < $length) {
                throw CodeRefused::badLength(
                    "The dataset is cut off in type {$type}, which should have {$length} bytes",
                    (string) strlen($value),
                    $typed->place($typed->length()),
                );
            }
            if (isset($values[$type])) {
                throw CodeRefused::beyond("Type {$type} stands twice", $typed->place(2 * $at));
            }
            $values[$type] = [$value, 2 * $begins];
            $at = $begins + $length;
        }

        return $values;
    }

    private static function check(int $type, string $value, string $place): void
    {
        $length = self::KNOWN[$type] ?? null;
        if ($length !== null && strlen($value) !== $length) {
            throw CodeRefused::badLength("Type {$type} of a dataset has {$length} bytes", (string) strlen($value), $place);
        }
        if ($type === self::NAME && strlen($value) > self::LONGEST_NAME) {
            throw CodeRefused::badLength('The network’s name has at most 16 bytes', (string) strlen($value), $place);
        }
        if ($type === self::NAME && ! mb_check_encoding($value, 'UTF-8')) {
            throw CodeRefused::unreadableName($place);
        }
        if ($type === self::CHANNEL && ($value[0] !== "\0" || self::channelOf($value) < self::CHANNELS[0]
            || self::channelOf($value) > self::CHANNELS[1])) {
            throw CodeRefused::beyond('The channel '.self::channelOf($value).' of page '.ord($value[0]).' is none from 11 to 26', $place);
        }
        if ($type === self::PREFIX && $value[0] !== "\xFD") {
            throw CodeRefused::beyond('The mesh-local prefix does not begin with fd', $place);
        }
    }

    private static function channelOf(string $value): int
    {
        return (int) hexdec(bin2hex(substr($value, 1)));
    }
}
