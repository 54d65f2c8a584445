<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Catalogue;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Catalogue\CatalogueFile;
use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Catalogue\StepText;
use Kavvel\Core\Catalogue\StepUnreadable;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\TestCase;

final class StepTextTest extends TestCase
{
    use TestTrait;

    public function test_every_step_reads_back_from_its_sentence(): void
    {
        $this->forAll(Generators::elements(Step::KINDS), Generators::choose(1, 9), Generators::choose(1, 30))
            ->then(static function (string $kind, int $times, int $seconds): void {
                $step = match ($kind) {
                    'press' => ['do' => $kind, 'times' => $times, 'seconds' => $seconds / 2, 'target' => 'the side button'],
                    'tap', 'turn' => ['do' => $kind, 'times' => $times, 'target' => 'the upper key'],
                    'hold', 'pin-hold' => ['do' => $kind, 'seconds' => (float) $seconds, 'target' => 'the reset hole'],
                    'power-cycle' => ['do' => $kind, 'times' => $times],
                    'power-on' => ['do' => $kind, 'target' => 'breaker 7'],
                    default => ['do' => $kind],
                };

                self::assertEquals([$step], StepText::read(StepText::write([$step])));
            });
    }

    public function test_lines_are_read_one_after_the_other_whoever_wrote_them(): void
    {
        self::assertSame([
            ['do' => 'pull-tab'],
            ['do' => 'press', 'times' => 1, 'target' => 'the key'],
            ['do' => 'hold', 'seconds' => 1.5, 'target' => 'the ring'],
        ], StepText::read("  pull the battery tab.\n\nPRESS the key once\r\nHold the ring for 1,5 s;"));
        self::assertSame([], StepText::read(" \n "));
    }

    public function test_a_line_that_is_no_step_is_named(): void
    {
        try {
            StepText::read("Pull the battery tab\nShout at it");
            self::fail('It was read.');
        } catch (StepUnreadable $refused) {
            self::assertSame('line 2', $refused->at);
            self::assertStringContainsString('“Shout at it”', $refused->getMessage());
        }
    }

    public function test_a_catalogue_reads_back_and_a_broken_entry_names_its_path(): void
    {
        $entry = [
            'key' => 'x', 'name' => 'X', 'model' => 'X-1', 'protocol' => 'zigbee', 'role' => 'end', 'power' => 'battery',
            'capabilities' => ['contact'],
        ];
        self::assertSame([$entry], CatalogueFile::parse(CatalogueFile::write([$entry])));
        foreach ([
            '$.profiles[1].protocol' => [$entry, ['protocol' => 'smoke signals', 'key' => 'y'] + $entry],
            '$.profiles[1].key' => [$entry, $entry],
            '$.profiles[0].recipe.join[0].do' => [$entry + ['recipe' => ['light' => 'it blinks', 'join' => [['do' => 'sing']]]]],
            '$.profiles[0].code.family' => [$entry + ['code' => ['family' => 'runes']]],
        ] as $at => $entries) {
            try {
                CatalogueFile::parse(CatalogueFile::write($entries));
                self::fail("{$at} was taken.");
            } catch (InvalidInput $refused) {
                self::assertSame($at, $refused->at);
            }
        }
    }
}
