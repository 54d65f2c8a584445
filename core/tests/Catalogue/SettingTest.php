<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Catalogue;

use Kavvel\Core\Catalogue\Setting;
use Kavvel\Core\Catalogue\SettingRefused;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SettingTest extends TestCase
{
    private const LEVEL = ['name' => 'least', 'words' => 'Least brightness', 'unit' => '%', 'least' => 1, 'most' => 50, 'usual' => 10];

    private const CHOICE = ['name' => 'after', 'words' => 'After a power cut', 'choices' => ['off', 'on', 'as before']];

    /** @param array<string, mixed> $setting */
    #[DataProvider('values')]
    public function test_a_value_is_read(array $setting, string $typed, string $kept): void
    {
        self::assertSame($kept, Setting::fromInput(Input::of($setting))->read($typed));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function values(): array
    {
        return [
            'a number' => [self::LEVEL, '12', '12'], 'with a comma' => [self::LEVEL, '12,50', '12.5'],
            'the least' => [self::LEVEL, '1', '1'], 'the most' => [self::LEVEL, '50', '50'],
            'a choice' => [self::CHOICE, 'as before', 'as before'],
            'any text' => [['name' => 'tag', 'words' => 'Tag'], 'blue', 'blue'],
            'without a most' => [['name' => 'stop', 'words' => 'Stop', 'unit' => 'cm', 'least' => 0], '900', '900'],
        ];
    }

    /** @param array<string, mixed> $setting */
    #[DataProvider('refused')]
    public function test_what_it_can_not_take_is_refused_with_what_it_takes(array $setting, string $typed, string $words): void
    {
        $this->expectException(SettingRefused::class);
        $this->expectExceptionMessage($words);

        Setting::fromInput(Input::of($setting))->read($typed);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function refused(): array
    {
        return [
            'too little' => [self::LEVEL, '0.9', 'Least brightness: 1 to 50 %.'], 'too much' => [self::LEVEL, '51', '1 to 50 %'],
            'no number' => [self::LEVEL, 'bright', 'Least brightness: a number, 1 to 50 %.'],
            'no choice' => [self::CHOICE, 'maybe', 'After a power cut: one of off, on, as before.'],
            'below its least' => [['name' => 'stop', 'words' => 'Stop', 'least' => 0], '-1', 'Stop: from 0.'],
            'beyond its most' => [['name' => 'stop', 'words' => 'Stop', 'most' => 9], '10', 'Stop: up to 9.'],
        ];
    }

    public function test_limits_that_cross_are_refused(): void
    {
        $this->expectException(InvalidInput::class);

        Setting::fromInput(Input::of([...self::LEVEL, 'most' => 0]));
    }
}
