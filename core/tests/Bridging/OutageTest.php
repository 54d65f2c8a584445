<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\BoxSheet;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\EcosystemAtHand;
use Kavvel\Core\Bridging\Household;
use Kavvel\Core\Bridging\NetworkNeed;
use Kavvel\Core\Bridging\Outage;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\PlacedDevice;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Wants\Want;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;
use PHPUnit\Framework\TestCase;

final class OutageTest extends TestCase
{
    public function test_what_stops_and_what_goes_on_without_what(): void
    {
        $household = $this->household();
        $all = Outage::all($household, $this->plan($household), [' contact' => [], ' relay' => ['contact']]);
        self::assertSame([
            'internet internet' => [['contact voice'], ['contact phone', 'bell phone']],
            'power power' => [['contact phone', 'contact voice', 'bell phone'], []],
            'box hub' => [['contact phone', 'contact voice'], ['bell phone']],
            'box service' => [['contact voice'], ['contact phone', 'bell phone']],
            'router contact' => [['contact phone', 'contact voice'], ['bell phone']],
            'router relay' => [['contact phone', 'contact voice'], ['bell phone']],
        ], array_combine(
            array_map(static fn (Outage $one): string => "{$one->kind->value} {$one->id}", $all),
            array_map(static fn (Outage $one): array => [self::said($one->stops), self::said($one->goesOn)], $all),
        ));
        self::assertSame([['voice'], ['phone', 'voice'], []], [$all[0]->standing, $all[1]->standing, $all[2]->standing]);
        self::assertCount(1, $all[0]->stopsIn('voice'));
        self::assertSame([], array_filter(
            Outage::all($household, $this->plan($household), [' relay' => []]),
            static fn (Outage $one): bool => $one->id === 'relay',
        ), 'nobody wants it anywhere');
    }

    public function test_every_path_stops_or_goes_on_and_never_both(): void
    {
        $household = $this->household();
        $plan = $this->plan($household);
        foreach (Outage::all($household, $plan) as $one) {
            self::assertCount(count($plan->paths), [...$one->stops, ...$one->goesOn]);
            self::assertSame([], array_intersect(self::said($one->stops), self::said($one->goesOn)));
        }
    }

    public function test_a_box_talks_with_what_is_before_and_behind_it_and_only_what_calls_out_needs_the_internet(): void
    {
        $household = $this->household();
        $needs = NetworkNeed::all($household, $this->plan($household));
        self::assertSame([['Phone', 'Service'], true], [$needs['hub']->peers, $needs['hub']->needsInternet]);
        self::assertSame([['Hub', 'Voice'], true], [$needs['service']->peers, $needs['service']->needsInternet]);

        $local = new Household($household->devices, [$household->boxes[0]], $household->ecosystems, $household->wants);
        self::assertFalse(NetworkNeed::all($local, $this->plan($local))['hub']->needsInternet);
    }

    /**
     * @param  list<Path>  $paths
     * @return list<string>
     */
    private static function said(array $paths): array
    {
        return array_map(static fn (Path $path): string => "{$path->want->device} {$path->want->ecosystem}", $paths);
    }

    private function household(): Household
    {
        $service = BoxSheet::fromInput(Input::of([
            'key' => 'service', 'name' => 'Service', 'accepts' => ['hub-link'], 'offers' => [['as' => 'cloud-link', 'cloud' => true]],
        ]));

        return new Household(
            [
                new PlacedDevice('contact', 'contact', 'hall', Sheets::profile('zigbee', ['contact']), hub: 'hub'),
                new PlacedDevice('relay', 'relay', 'hall', Sheets::profile('zigbee', ['relay']), hub: 'hub'),
                new PlacedDevice('bell', 'bell', 'yard', Sheets::profile('wifi', ['lock'], ['links' => ['also' => ['local-link']]])),
            ],
            [
                new BoxAtHand('hub', 'Hub', Sheets::hub(['offers' => [['as' => 'matter-bridge'], ['as' => 'hub-link']]]), true, null, [
                    Protocol::Zigbee,
                ]),
                new BoxAtHand('service', 'Service', $service, true),
            ],
            [
                new EcosystemAtHand('phone', 'Phone', Sheets::ecosystem(more: [
                    'accepts' => ['matter-bridge', 'local-link', 'cloud-link'],
                ])),
                new EcosystemAtHand('voice', 'Voice', Sheets::ecosystem('voice', ['accepts' => ['cloud-link'], 'needsInternet' => true])),
            ],
            array_map(static fn (array $want): Want => new Want($want[0], $want[1], WantedBy::Everyone, $want[2]), [
                ['hall', WantedFunction::Opened, WantedFrom::Phone], ['hall', WantedFunction::Opened, WantedFrom::Voice],
                ['yard', WantedFunction::Lock, WantedFrom::Phone],
            ]),
        );
    }

    private function plan(Household $household): BridgePlan
    {
        return BridgePlan::of($household->house(), $household->wants(), Policy::LocalFirst);
    }
}
