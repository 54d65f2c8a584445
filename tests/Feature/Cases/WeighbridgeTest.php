<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Kavvel\Core\Bridging\Impossible;
use Kavvel\Core\Bridging\NetworkNeed;
use Kavvel\Core\Bridging\Path;

/** Case 11: the own hub exported as a Matter bridge to two ecosystems. */
final class WeighbridgeTest extends PairsAHouse
{
    use LinksAHouse;
    use NamesAHouse;

    private const LIST = ['desk-lamp', 'scale-door', 'scale-lamp', 'wall-lamp'];

    protected function key(): string
    {
        return 'weighbridge';
    }

    public function test_what_the_standard_or_the_hub_does_not_know_is_said(): void
    {
        $bridging = $this->bridging();
        $said = array_map(static fn (Impossible $one): string => $bridging->because($one), $bridging->plan()->impossible);

        self::assertSame([
            'Hub does not pass key presses on.', 'Watts came with release 1.3; Hub speaks 1.2.',
            'The standard has no word for siren: it does not reach Wicket.',
        ], $this->inAnyOrder($said, ['press', 'Watts', 'siren']));
    }

    public function test_both_show_what_is_wanted_and_everything_is_warned_of_with_its_count(): void
    {
        $this->pairAll();
        $this->nameAll();
        $this->settle();
        $this->get($this->url('/bridge?at=link+'.urlencode($this->into('phone'))))->assertSee('Set the names at the source');
        $this->post($this->url('/link-acts'), ['link' => $this->into('phone'), 'number' => 0, 'said' => '']);
        $this->get($this->url('/bridge?at=link+'.urlencode($this->into('phone'))))
            ->assertSee('These 3 and no others: “everything” would show 8.');

        self::assertEqualsCanonicalizing([$this->into('voice'), $this->into('phone')], $this->linkAll());
        self::assertSame(self::LIST, $this->slotsIn('phone'), 'one list for both');
        self::assertSame(self::LIST, $this->slotsIn('voice'), 'and nothing of which nothing arrives: no siren, no button, no meter');
        $this->proveAll();
        self::assertSame(count($this->bridging()->plan()->worthwhile()), $this->bridging()->countProved());
    }

    public function test_what_comes_in_later_shows_in_none_until_it_is_in_the_list(): void
    {
        $this->pair('desk-lamp');
        $this->pair('wall-lamp');
        $this->pair('scale-lamp');
        $this->nameThese('desk-lamp', 'wall-lamp', 'scale-lamp');
        $this->settle();
        $this->linkAll();
        $this->pair('scale-door');
        self::assertSame(['desk-lamp', 'scale-lamp', 'wall-lamp'], $this->slotsIn('voice'));
        $this->nameThese('scale-door');
        $this->linkAll();
        self::assertSame(self::LIST, $this->slotsIn('voice'));
    }

    public function test_everything_stays_in_the_house_and_no_port_is_opened(): void
    {
        $bridging = $this->bridging();
        self::assertSame([], array_filter($bridging->plan()->paths, static fn (Path $one): bool => ! $one->way->isLocal));
        $need = NetworkNeed::all($bridging->household, $bridging->plan())['hub-box'];
        self::assertSame([['Tansy', 'Wicket'], false], [$need->peers, $need->needsInternet]);
        $this->get($this->url('/bridge?lens=outage'))->assertSee('no port');
    }

    private function into(string $ecosystem): string
    {
        return "from hub-box as matter-bridge to ecosystem {$ecosystem}";
    }

    private function nameThese(string ...$slots): void
    {
        foreach ($slots as $slot) {
            $this->put($this->url("/slots/{$slot}/name"), [
                'name' => ucfirst(str_replace('-', ' ', $slot)), 'lock_version' => 1,
            ])->assertSessionHasNoErrors();
        }
        $this->pass(2);
    }

    /**
     * @param  list<string>  $said
     * @param  list<string>  $words
     * @return list<string> in the order of words that stand in them
     */
    private function inAnyOrder(array $said, array $words): array
    {
        return array_merge(...array_map(
            static fn (string $word): array => array_values(array_filter(
                $said,
                static fn (string $one): bool => str_contains($one, $word),
            )),
            $words,
        ));
    }
}
