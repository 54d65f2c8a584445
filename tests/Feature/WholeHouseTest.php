<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use App\Stations\Pair\WorkList;
use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use Tests\WithStandin;

/** A whole house is let in, over all its radios, device by device in the order of work. */
final class WholeHouseTest extends TestCase
{
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
        while (($card = $this->next()) !== null) {
            match (true) {
                $card->isBehindBridge() => $this->take($card),
                $card->isLinked() => $this->letIn($card),
                default => $this->writeDown($card),
            };
            $opened += (int) ($card->isLinked() && ! $card->isBehindBridge());
            $protocols[$card->profile->protocol->value] = true;
            self::assertTrue($this->sheet()->card($card->key())?->isIn(), "{$card->key()} is not in.");
        }
        $sheet = $this->sheet();
        $byHand = count(WorkList::of($sheet, [])->byHand);
        $nodes = array_filter(array_map(static fn (SlotCard $one): ?int => $one->node?->id, $sheet->cards));

        self::assertSame(0, $byHand);
        self::assertSame(count($sheet->cards) - 1, $sheet->countIn());
        self::assertSame($nodes, array_unique($nodes), 'no node is two devices');
        self::assertGreaterThanOrEqual(60, count($nodes));
        self::assertCount(count(Protocol::cases()), $protocols, 'over all protocols');
        self::assertGreaterThan(50, $opened);
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

    private function sheet(): JobSheet
    {
        return JobSheet::of($this->siteJob());
    }

    private function next(): ?SlotCard
    {
        $open = array_filter(WorkList::of($this->sheet(), [])->cards(), static fn (SlotCard $card): bool => $card->key() !== self::NEVER);

        return $open === [] ? null : $open[array_key_first($open)];
    }

    private function letIn(SlotCard $card): void
    {
        $key = $card->key();
        $device = $this->house()->devices[$key];
        if ($device->code !== null) {
            $this->post(self::HOUSE."/slots/{$key}/code", ['code' => $device->code->code->spelling()])->assertSessionHasNoErrors();
        }
        $this->hands('fault', ['device' => $key, 'fault' => '']);
        $this->hands('carry', ['device' => $key]);
        $this->post(self::HOUSE.'/windows', ['slot' => $key])->assertSessionHasNoErrors();
        $gestures = array_filter($card->profile->recipe->join ?? [], static fn (Step $step): bool => $step->isGesture());
        foreach ($gestures as $step) {
            $this->hands('gesture', ['device' => $key, 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds]);
        }
        $this->pass(15);
        $attempt = PairAttempt::query()->with('node')->latest('id')->firstOrFail();
        self::assertSame(AttemptState::Joined, $attempt->state, "{$key}: {$attempt->state->words()} {$attempt->failure?->words()}");
        $this->post(self::HOUSE."/slots/{$key}/node", ['address' => (string) $attempt->node?->address])->assertSessionHasNoErrors();
        $this->hands('put-back', ['device' => $key]);
        $this->pass(1);
    }

    /** What a bridge shows is taken as the card offers it. */
    private function take(SlotCard $card): void
    {
        $this->pass(5);
        $this->get(self::HOUSE."/pair?next={$card->key()}")->assertSee("Yes, the {$card->slot->title()}");
        $address = $this->house()->devices[$card->key()]->address;
        $this->post(self::HOUSE."/slots/{$card->key()}/node", ['address' => $address])->assertSessionHasNoErrors();
    }

    private function writeDown(SlotCard $card): void
    {
        $address = $card->tag() === 'WB' ? "1.1.{$card->slot->id}" : '';
        $this->post(self::HOUSE."/slots/{$card->key()}/hand-pairing", ['address' => $address])->assertSessionHasNoErrors();
    }
}
