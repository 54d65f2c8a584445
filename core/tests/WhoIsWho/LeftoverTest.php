<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\WhoIsWho;

use Kavvel\Core\WhoIsWho\Leftover;
use Kavvel\Core\WhoIsWho\SeenNode;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LeftoverTest extends TestCase
{
    #[TestWith(['Hall lamp'])]
    #[TestWith(['hall_lamp_2'])]
    #[TestWith(['Hall lamp (2)'])]
    #[TestWith(['Hall Lamp 3'])]
    public function test_a_second_copy_of_one_thing_is_found_by_its_name(string $label): void
    {
        $left = Leftover::all([$this->lamp(), new SeenNode('copy', $label, 50, null, false)], ['lamp' => 'Hall lamp']);

        self::assertSame([['copy', 'lamp', false]], $this->told($left));
    }

    #[TestWith(['Hall lamps'])]
    #[TestWith(['Bath lamp 2'])]
    #[TestWith(['2'])]
    public function test_another_name_is_no_copy(string $label): void
    {
        self::assertSame([], Leftover::all([$this->lamp(), new SeenNode('x', $label, 50, null, false)], ['lamp' => 'Hall lamp']));
    }

    public function test_two_that_belong_to_slots_are_no_copies_of_each_other(): void
    {
        $nodes = [$this->lamp(), new SeenNode('b', 'Hall lamp 2', 50, 'lamp-2', false)];

        self::assertSame([], Leftover::all($nodes, ['lamp' => 'Hall lamp', 'lamp-2' => 'Hall lamp 2']));
    }

    public function test_a_copy_that_was_heard_later_is_the_livelier(): void
    {
        $left = Leftover::all([$this->lamp(), new SeenNode('copy', 'Hall lamp_2', 101, null, false)], ['lamp' => 'Hall lamp']);
        self::assertTrue($left[0]->isLivelier);

        $same = Leftover::all([$this->lamp(), new SeenNode('copy', 'Hall lamp_2', 100, null, false)], ['lamp' => 'Hall lamp']);
        self::assertFalse($same[0]->isLivelier);
    }

    public function test_two_that_were_never_heard_are_equally_dead(): void
    {
        $nodes = [new SeenNode('a', 'Hall lamp', null, 'lamp', false), new SeenNode('copy', 'Hall lamp 2', null, null, false)];

        self::assertFalse(Leftover::all($nodes, ['lamp' => 'Hall lamp'])[0]->isLivelier);
    }

    public function test_what_was_replaced_is_left_until_its_hub_forgets_it(): void
    {
        self::assertSame(
            [['old', null, false]],
            $this->told(Leftover::all([new SeenNode('old', 'Hall lamp', 500, null, true), $this->lamp()], ['lamp' => 'Hall lamp'])),
        );
    }

    public function test_what_the_hub_still_calls_by_the_name_before_is_found_too(): void
    {
        $nodes = [new SeenNode('a', 'Old lamp', 100, 'lamp', false), new SeenNode('copy', 'Old lamp 2', 1, null, false)];

        self::assertSame('lamp', Leftover::all($nodes, ['lamp' => 'Hall lamp'])[0]->slot);
        self::assertSame([], Leftover::all([new SeenNode('n', null, 1, null, false), $this->lamp()], ['lamp' => 'Hall lamp']));
    }

    private function lamp(): SeenNode
    {
        return new SeenNode('a', 'Hall lamp', 100, 'lamp', false);
    }

    /**
     * @param  list<Leftover>  $left
     * @return list<array{string, string|null, bool}>
     */
    private function told(array $left): array
    {
        return array_map(static fn (Leftover $one): array => [$one->id, $one->slot, $one->isLivelier], $left);
    }
}
