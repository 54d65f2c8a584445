<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\HubChoice;
use Kavvel\Core\Pairing\HubOffer;
use Kavvel\Core\Pairing\HubReason;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Site\Vec3;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HubChoiceTest extends TestCase
{
    public function test_the_only_hub_of_a_job_needs_no_words(): void
    {
        $choice = $this->choice(Protocol::Zigbee, null, [self::hub('hall', 0, speaks: [Protocol::Zigbee])]);

        self::assertSame('hall', $choice->hub);
        self::assertSame(HubReason::Only, $choice->reason);
        self::assertNull($choice->words());
    }

    public function test_one_that_opens_windows_comes_before_one_that_only_speaks(): void
    {
        $choice = $this->choice(Protocol::Zigbee, null, [
            self::hub('cellar', 1, speaks: [Protocol::Zigbee, Protocol::ZWave]),
            self::hub('attic', 30, speaks: [Protocol::Zigbee], opens: [Protocol::Zigbee]),
        ]);

        self::assertSame('attic', $choice->hub);
        self::assertSame('It alone opens Zigbee windows over its link.', $choice->words());
    }

    public function test_one_that_speaks_alone_says_so(): void
    {
        $choice = $this->choice(Protocol::ZWave, null, [
            self::hub('attic', 1, speaks: [Protocol::Zigbee], opens: [Protocol::Zigbee]),
            self::hub('cellar', 8, speaks: [Protocol::ZWave]),
        ]);

        self::assertSame('cellar', $choice->hub);
        self::assertSame('It alone speaks Z-Wave.', $choice->words());
    }

    /** @param list<Protocol> $opens */
    #[DataProvider('equals')]
    public function test_of_equals_the_nearest_is_taken(array $opens, string $words): void
    {
        $choice = $this->choice(Protocol::Zigbee, null, [
            self::hub('attic', 9, speaks: [Protocol::Zigbee], opens: $opens),
            self::hub('shed', 3, speaks: [Protocol::Zigbee], opens: $opens),
            self::hub('porch', 3, speaks: [Protocol::Zigbee], opens: $opens),
        ]);

        self::assertSame('shed', $choice->hub, 'of two equally near the first of the plan');
        self::assertSame($words, $choice->words());
    }

    /** @return iterable<string, array{list<Protocol>, string}> */
    public static function equals(): iterable
    {
        yield 'that open windows' => [[Protocol::Zigbee], 'Of 3 hubs that open Zigbee windows it stands nearest, 3.0 m away.'];
        yield 'that speak only' => [[], 'Of 3 hubs that speak Zigbee it stands nearest, 3.0 m away.'];
    }

    public function test_what_a_person_chose_counts_before_all_that(): void
    {
        $hubs = [
            self::hub('attic', 1, speaks: [Protocol::Zigbee], opens: [Protocol::Zigbee]),
            self::hub('cellar', 9, speaks: [Protocol::Zigbee]),
            self::hub('unknown', 20),
        ];

        self::assertSame('cellar', $this->choice(Protocol::Zigbee, 'cellar', $hubs)->hub);
        self::assertSame('Somebody chose it for this device.', $this->choice(Protocol::Zigbee, 'cellar', $hubs)->words());
        self::assertSame('unknown', $this->choice(Protocol::Zigbee, 'unknown', $hubs)->hub, 'nobody has said what it speaks');
    }

    public function test_a_choice_that_no_longer_holds_is_passed_over(): void
    {
        $hubs = [
            self::hub('attic', 1, speaks: [Protocol::Zigbee], opens: [Protocol::Zigbee]),
            self::hub('cellar', 9, speaks: [Protocol::ZWave]),
        ];

        self::assertSame('attic', $this->choice(Protocol::Zigbee, 'cellar', $hubs)->hub, 'it does not speak it any more');
        self::assertSame('attic', $this->choice(Protocol::Zigbee, 'sold', $hubs)->hub, 'it is not in the job any more');
    }

    public function test_where_no_hub_speaks_it_that_is_said(): void
    {
        $choice = $this->choice(Protocol::Infrared, null, [self::hub('attic', 1, speaks: [Protocol::Zigbee])]);

        self::assertNull($choice->hub);
        self::assertSame('No hub of this job speaks Infrared.', $choice->words());
        self::assertNull($this->choice(Protocol::Zigbee, null, [])->hub);
        self::assertNull($this->choice(Protocol::Zigbee, null, [self::hub('unknown', 1)])->hub, 'it may, and nobody has said so');
    }

    public function test_a_protocol_has_a_main_hub(): void
    {
        $hubs = [
            self::hub('cellar', 1, speaks: [Protocol::Zigbee, Protocol::ZWave]),
            self::hub('attic', 9, speaks: [Protocol::Zigbee], opens: [Protocol::Zigbee]),
            self::hub('shed', 3, speaks: [Protocol::Zigbee], opens: [Protocol::Zigbee]),
        ];

        self::assertSame('attic', HubChoice::mainOf(Protocol::Zigbee, $hubs));
        self::assertSame('cellar', HubChoice::mainOf(Protocol::ZWave, $hubs));
        self::assertNull(HubChoice::mainOf(Protocol::Infrared, $hubs));
        self::assertNull(HubChoice::mainOf(Protocol::Zigbee, []));
    }

    /** @param list<HubOffer> $hubs */
    private function choice(Protocol $protocol, ?string $chosen, array $hubs): HubChoice
    {
        return HubChoice::of($protocol, new Vec3(0, 0, 0), $hubs, $chosen);
    }

    /**
     * @param  list<Protocol>  $speaks
     * @param  list<Protocol>  $opens
     */
    private static function hub(string $id, float $metres, array $speaks = [], array $opens = []): HubOffer
    {
        return new HubOffer($id, $speaks, $opens, new Vec3($metres, 0, 0));
    }
}
