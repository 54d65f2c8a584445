<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Replacing;

use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Replacing\Redo;
use Kavvel\Core\Replacing\RedoFacts;
use Kavvel\Core\Replacing\RedoKind;
use Kavvel\Core\Replacing\SettingToRedo;
use PHPUnit\Framework\TestCase;

final class RedoTest extends TestCase
{
    public function test_a_plain_device_is_only_paired_again(): void
    {
        $all = Redo::of(new RedoFacts);

        self::assertSame([[RedoKind::Pair, false]], $this->kinds($all));
        self::assertSame(1, Redo::open($all));
    }

    public function test_everything_is_done_again_in_the_order_of_work(): void
    {
        $all = Redo::of(new RedoFacts(
            isWired: true,
            isTaught: false,
            needsCode: true,
            name: 'Hall light',
            settings: [new SettingToRedo('Report interval', '300 s', false), new SettingToRedo('Offset', '-1.4 K', false, true)],
            shownBefore: [Rung::Hand, Rung::Hub],
            hangingOn: 3,
            ecosystems: ['Voice' => false, 'Phone' => true],
        ));

        self::assertSame(
            ['fit', 'teach', 'code', 'pair', 'set', 'set', 'name', 'prove', 'prove', 'link', 'link', 'read'],
            array_map(static fn (Redo $one): string => $one->kind->value, $all),
        );
        self::assertSame(11, Redo::open($all));
        self::assertSame('Offset: -1.4 K, of the one before: hold the new one beside a reference', $all[5]->words);
        self::assertSame(['Into Voice again', false], [$all[9]->words, $all[9]->isDone]);
        self::assertSame(['Into Phone again', true], [$all[10]->words, $all[10]->isDone]);
        self::assertSame('Report interval: 300 s', $all[4]->words);
        self::assertSame('“Hall light” is written to it', $all[6]->words);
        self::assertSame('Show again: By hand', $all[7]->words);
        self::assertSame('Read the mesh: 3 devices reached the hub through it', $all[11]->words);
    }

    public function test_what_is_done_is_said(): void
    {
        $all = Redo::of(new RedoFacts(
            isWired: true,
            isFitted: true,
            isTaught: true,
            needsCode: true,
            hasCode: true,
            isIn: true,
            name: 'Hall light',
            isNamed: true,
            settings: [new SettingToRedo('Offset', '-0.4 K', true)],
            shownBefore: [Rung::Hand, Rung::Hub],
            shownSince: [Rung::Hand],
            hangingOn: 1,
            isReadSince: true,
        ));

        self::assertSame(1, Redo::open($all));
        self::assertSame('Show again: Hub', array_values(array_filter($all, static fn (Redo $one): bool => ! $one->isDone))[0]->words);
        self::assertSame('Read the mesh: one device reached the hub through it', $all[count($all) - 1]->words);
    }

    public function test_nothing_is_set_or_named_on_a_device_that_is_not_in(): void
    {
        $all = Redo::of(new RedoFacts(name: 'Hall light', isNamed: true, settings: [new SettingToRedo('Offset', '-0.4 K', true)]));

        self::assertSame([[RedoKind::Pair, false], [RedoKind::Set, false], [RedoKind::Name, false]], $this->kinds($all));
    }

    /**
     * @param  list<Redo>  $all
     * @return list<array{RedoKind, bool}>
     */
    private function kinds(array $all): array
    {
        return array_map(static fn (Redo $one): array => [$one->kind, $one->isDone], $all);
    }
}
