<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Proving;

use Kavvel\Core\Proving\BesideReference;
use Kavvel\Core\Proving\Measured;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BesideReferenceTest extends TestCase
{
    #[TestWith([Measured::Temperature, 21.0, 21.5, true, false])]
    #[TestWith([Measured::Temperature, 21.0, 20.5, true, false])]
    #[TestWith([Measured::Temperature, 21.0, 21.6, false, true])]
    #[TestWith([Measured::Temperature, 21.0, 23.0, false, true])]
    #[TestWith([Measured::Temperature, 21.0, 18.9, false, false])]
    #[TestWith([Measured::Humidity, 50.0, 55.0, true, false])]
    #[TestWith([Measured::Humidity, 50.0, 60.0, false, true])]
    #[TestWith([Measured::Humidity, 50.0, 60.1, false, false])]
    public function test_is_right_or_set_right_within_bounds(
        Measured $what,
        float $reading,
        float $reference,
        bool $isRight,
        bool $needsOffset,
    ): void {
        $check = BesideReference::of($what, $reading, $reference, true);

        self::assertSame([$isRight, $needsOffset], [$check->isRight(), $check->needsOffset()]);
        self::assertSame(round($reference - $reading, 1), $check->offset);
    }

    public function test_an_offset_has_one_decimal(): void
    {
        $check = BesideReference::of(Measured::Temperature, 21.04, 20.5, true, 0.26);

        self::assertSame([-0.5, -0.2], [$check->apart, $check->offset]);
    }

    #[TestWith([0.4, 22.0, 22.3, true, false, 0.7, 'It is right: the reference is +0.3 °C from it.'])]
    #[TestWith([1.0, 22.0, 22.8, false, true, 1.8, 'An offset of +1.8 °C in place of +1.0 sets it right.'])]
    #[TestWith([1.0, 22.0, 21.0, false, true, 0.0, 'An offset of +0.0 °C in place of +1.0 sets it right.'])]
    #[TestWith([1.4, 22.0, 22.6, false, true, 2.0, 'An offset of +2.0 °C in place of +1.4 sets it right.'])]
    #[TestWith([1.4, 22.0, 22.7, false, false, 2.1, 'The reference is +0.7 °C from it, which has an offset of +1.4 already: not '
        .'settled, badly placed, or defective. No offset mends that.'])]
    #[TestWith([-1.5, 22.0, 25.0, false, true, 1.5, 'An offset of +1.5 °C in place of -1.5 sets it right.'])]
    public function test_an_offset_that_is_in_it_already_is_counted_in(
        float $has,
        float $reading,
        float $reference,
        bool $isRight,
        bool $needsOffset,
        float $offset,
        string $words,
    ): void {
        $check = BesideReference::of(Measured::Temperature, $reading, $reference, true, $has);

        self::assertSame(
            [$isRight, $needsOffset, $offset, $words],
            [$check->isRight(), $check->needsOffset(), $check->offset, $check->words()],
        );
    }

    public function test_says_what_is_to_be_done(): void
    {
        self::assertSame('An offset of -0.7 °C sets it right.', $this->words(21.2, 20.5));
        self::assertSame('It is right: the reference is +0.3 °C from it.', $this->words(20.2, 20.5));
        self::assertStringContainsString('badly placed, or defective', $this->words(15.0, 20.5));
        self::assertStringContainsString('less than 0.2 °C in five minutes', $this->words(21.2, 20.5, false));
    }

    public function test_a_setting_that_shifts_a_sensor_is_known_by_its_name(): void
    {
        self::assertSame('humidity-offset', Measured::Humidity->offsetSetting());
        self::assertSame(
            [true, true, false],
            array_map(Measured::isOffset(...), ['temperature-offset', 'humidity-offset', 'report-interval']),
        );
    }

    public function test_what_is_not_settled_says_nothing_of_it(): void
    {
        $check = BesideReference::of(Measured::Temperature, 21.0, 21.0, false);

        self::assertFalse($check->isRight());
        self::assertFalse($check->needsOffset());
    }

    private function words(float $reading, float $reference, bool $isSettled = true): string
    {
        return BesideReference::of(Measured::Temperature, $reading, $reference, $isSettled)->words();
    }
}
