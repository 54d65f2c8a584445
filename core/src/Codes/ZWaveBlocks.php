<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** What a Z-Wave QR code says after its DSK: blocks of a type, a length and data, all in digits. */
final readonly class ZWaveBlocks
{
    private const PRODUCT_TYPE = 0;

    private const PRODUCT_ID = 1;

    /** Types that are known, and how many digits of data each has; null: it may vary */
    private const KNOWN = [self::PRODUCT_TYPE => 10, self::PRODUCT_ID => 20, 2 => 2, 3 => null, 4 => null];

    private const MOST = 65_535;

    /** @param array<int, list<int>> $values groups of five digits, by type */
    private function __construct(public string $digits, private array $values, private bool $hasUnknown) {}

    /** @throws CodeRefused */
    public static function read(Typed $typed): self
    {
        $values = [];
        $hasUnknown = false;
        for ($at = 0; $at < $typed->length();) {
            $type = substr($typed->code, $at, 2);
            $length = (int) substr($typed->code, $at + 2, 2);
            $data = substr($typed->code, $at + 4, $length);
            if (strlen($typed->code) < $at + 4 || strlen($data) < $length) {
                throw CodeRefused::badLength(
                    'The code is cut off in its last block',
                    ($typed->length() - $at).' digits of it',
                    $typed->place($typed->length()),
                );
            }
            [$value, $isCritical] = [intdiv((int) $type, 2), (int) $type % 2 === 1];
            if (! array_key_exists($value, self::KNOWN)) {
                if ($isCritical) {
                    throw CodeRefused::laterVersion(
                        "It holds a block of type {$value} that must be understood, and is not known here",
                        $typed->span($at, 2),
                    );
                }
                $hasUnknown = true;
            } elseif (isset($values[$value])) {
                throw CodeRefused::beyond("The block of type {$value} stands twice", $typed->span($at, 2));
            } else {
                $values[$value] = self::groups($typed, $value, $at + 4, $length);
            }
            $at += 4 + $length;
        }

        return new self($typed->code, $values, $hasUnknown);
    }

    /** Made of the ids of a product. */
    public static function ofProduct(int $manufacturer, int $type, int $product, int $version, int $class, int $icon): string
    {
        return sprintf('0010%05d%05d0220%05d%05d%05d%05d', $class, $icon, $manufacturer, $type, $product, $version);
    }

    /** @return array<string, int|null> */
    public function fields(): array
    {
        [$class, $icon] = $this->values[self::PRODUCT_TYPE] ?? [null, null];
        [$manufacturer, $type, $product, $version] = $this->values[self::PRODUCT_ID] ?? [null, null, null, null];

        return [
            'deviceClass' => $class, 'installerIcon' => $icon, 'manufacturerId' => $manufacturer, 'productType' => $type,
            'productId' => $product, 'applicationVersion' => $version,
        ];
    }

    public function product(): ?ProductIds
    {
        [$manufacturer, $type, $product] = $this->values[self::PRODUCT_ID] ?? [null, null, null];

        return $manufacturer === null || $type === null || $product === null ? null : ProductIds::zwave($manufacturer, $type, $product);
    }

    /** @return list<string> */
    public function warnings(): array
    {
        return $this->hasUnknown ? ['It says something more that this version of Kavvel does not know.'] : [];
    }

    /** @return list<int> */
    private static function groups(Typed $typed, int $type, int $at, int $length): array
    {
        $wanted = self::KNOWN[$type];
        if ($wanted !== null && $length !== $wanted) {
            throw CodeRefused::badLength("The block of type {$type} has {$wanted} digits", (string) $length, $typed->place($at - 1));
        }
        if ($wanted === null || $wanted % 5 !== 0) {
            return [];
        }
        $groups = array_map(intval(...), str_split(substr($typed->code, $at, $length), 5));
        foreach ($groups as $number => $group) {
            if ($group > self::MOST) {
                throw CodeRefused::beyond(
                    "The group {$group} in the block of type {$type} is above ".self::MOST.', the most it can be',
                    $typed->span($at + 5 * $number, 5),
                );
            }
        }

        return $groups;
    }
}
