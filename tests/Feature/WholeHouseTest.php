<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\SlotCard;
use App\Models\BusAddress;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use App\Stations\Pair\WorkList;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\LetsDevicesIn;
use Tests\TestCase;
use Tests\WithStandin;

/** A whole house is let in, over all its radios, device by device in the order of work. */
final class WholeHouseTest extends TestCase
{
    use LetsDevicesIn;
    use WithStandin;

    private const HOUSE = '/jobs/lantern-house';

    /** Made for another region: nothing lets it in */
    private const NEVER = 'siren';

    #[DataProvider('schools')]
    public function test_every_device_comes_in_once_and_no_attempt_is_lost(PairingOrder $school): void
    {
        $this->as('mara');
        $this->nothingIsIn();
        $this->startStandin();
        $this->siteJob()->update(['school' => $school->value]);
        $opened = 0;
        $protocols = [];
        while (($card = $this->nextOf('lantern-house', self::NEVER)) !== null) {
            match (true) {
                $card->isBehindBridge() => $this->takeBehind('lantern-house', $card),
                $card->isLinked() => $this->letInWhole($card),
                $card->profile->protocol === Protocol::WiredBus => $this->hearOnBus($card),
                default => $this->writeDown($card),
            };
            $opened += (int) ($card->isLinked() && ! $card->isBehindBridge());
            $protocols[$card->profile->protocol->value] = true;
            self::assertTrue($this->sheetOf('lantern-house')->card($card->key())?->isIn(), "{$card->key()} is not in.");
        }
        $sheet = $this->sheetOf('lantern-house');
        $byHand = count(WorkList::of($sheet, [])->byHand);
        $nodes = array_filter(array_map(static fn (SlotCard $one): ?int => $one->node?->id, $sheet->cards));

        self::assertSame(0, $byHand);
        self::assertSame(count($sheet->cards) - 1, $sheet->countIn());
        self::assertSame($nodes, array_unique($nodes), 'no node is two devices');
        self::assertGreaterThanOrEqual(60, count($nodes));
        self::assertCount(count(Protocol::cases()), $protocols, 'over all protocols');
        self::assertGreaterThan(50, $opened);
        $this->delete(self::HOUSE.'/bus/listening')->assertSessionHasNoErrors();
        $this->listen();
        self::assertSame(0, JoinWindow::query()->whereIn('state', JoinWindow::UNDER_WAY)->count());
        self::assertSame(0, PairAttempt::query()->get()->filter(static fn (PairAttempt $one): bool => $one->state->isOpen())->count());
        self::assertGreaterThanOrEqual($opened, PairAttempt::query()->count());
        foreach ($sheet->cards as $card) {
            if ($card->isLinked() && $card->node !== null) {
                self::assertSame($this->house()->devices[$card->key()]->address, $card->node->address, "{$card->key()} is itself");
            }
        }
    }

    /** @return iterable<string, array{PairingOrder}> */
    public static function schools(): iterable
    {
        yield 'where they live' => [PairingOrder::InPlace];
        yield 'at the bench' => [PairingOrder::AtBench];
    }

    private function letInWhole(SlotCard $card): void
    {
        $this->hands('fault', ['device' => $card->key(), 'fault' => '']);
        $this->letIn('lantern-house', $card);
    }

    private function writeDown(SlotCard $card): void
    {
        $this->post(self::HOUSE."/slots/{$card->key()}/hand-pairing", ['address' => ''])->assertSessionHasNoErrors();
    }

    private function hearOnBus(SlotCard $card): void
    {
        $this->post(self::HOUSE.'/bus/listening')->assertSessionHasNoErrors();
        $this->listen();
        $this->hands('trigger', ['device' => $card->key()]);
        $this->listen();
        $said = $this->house()->devices[$card->key()]->bus?->says?->text;
        $point = BusAddress::query()->where('address', $said)->sole()->point;
        $this->post(self::HOUSE.'/bus/devices', ['point' => $point, 'slot' => $card->key()])->assertSessionHasNoErrors();
        self::assertSame($said, $this->slot($card->key())->node?->address);
    }
}
