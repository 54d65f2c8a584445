<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

use Kavvel\Core\Input\Input;

/** The numbers by which a standard tells one product from another, where a code or a profile says them. */
final readonly class ProductIds
{
    private const MOST = 65_535;

    /** Names of the numbers, by family */
    private const NAMES = [
        CodeFamily::Matter->value => ['vendor', 'product'],
        CodeFamily::ZWave->value => ['manufacturer', 'type', 'product'],
    ];

    /** @param list<int> $numbers */
    private function __construct(private CodeFamily $family, private array $numbers) {}

    public static function matter(int $vendor, int $product): self
    {
        return new self(CodeFamily::Matter, [$vendor, $product]);
    }

    public static function zwave(int $manufacturer, int $type, int $product): self
    {
        return new self(CodeFamily::ZWave, [$manufacturer, $type, $product]);
    }

    /** Null where the family knows none. */
    public static function fromInput(CodeFamily $family, Input $input): ?self
    {
        $names = self::NAMES[$family->value] ?? null;

        return $names === null ? null : new self(
            $family,
            array_map(static fn (string $name): int => $input->get($name)->whole(0, self::MOST), $names),
        );
    }

    public function equals(self $other): bool
    {
        return $this->family === $other->family && $this->numbers === $other->numbers;
    }

    /** @return list<int> */
    public function numbers(): array
    {
        return $this->numbers;
    }

    /** "vendor 65521, product 32768" */
    public function words(): string
    {
        $names = self::NAMES[$this->family->value] ?? [];

        return implode(', ', array_map(static fn (string $name, int $number): string => "{$name} {$number}", $names, $this->numbers));
    }
}
