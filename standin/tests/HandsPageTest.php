<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Pairing\CodeMatch;
use Kavvel\Standin\Hands\HandsPage;
use Kavvel\Standin\Hands\Sticker;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\TestCase;

final class HandsPageTest extends TestCase
{
    private HandLog $log;

    private HandsPage $page;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kavvel-hands-'.bin2hex(random_bytes(6));
        $this->log = new HandLog($this->folder);
        $this->page = new HandsPage(FoldTest::house(), $this->log);
    }

    protected function tearDown(): void
    {
        $this->log->forget();
        rmdir($this->folder);
    }

    public function test_only_its_own_page_moves_anything(): void
    {
        $own = ['HTTP_HOST' => '127.0.0.1:8411', 'HTTP_ORIGIN' => 'http://127.0.0.1:8411', 'HTTP_SEC_FETCH_SITE' => 'same-origin'];
        self::assertTrue(HandsPage::isSentByItself($own));
        self::assertTrue(HandsPage::isSentByItself(['HTTP_HOST' => '127.0.0.1:8411']), 'no browser');
        self::assertFalse(HandsPage::isSentByItself(['HTTP_ORIGIN' => 'http://elsewhere.example'] + $own));
        self::assertFalse(HandsPage::isSentByItself(['HTTP_ORIGIN' => 'http://127.0.0.1:8410'] + $own), 'another port is another site');
        self::assertFalse(HandsPage::isSentByItself(['HTTP_ORIGIN' => 'null'] + $own));
        self::assertFalse(HandsPage::isSentByItself(['HTTP_SEC_FETCH_SITE' => 'cross-site'] + $own));
        self::assertFalse(HandsPage::isSentByItself(['HTTP_SEC_FETCH_SITE' => 'same-site'] + $own));
    }

    public function test_every_device_has_a_page_with_its_own_gestures(): void
    {
        foreach (FoldTest::house()->devices as $key => $device) {
            $html = $this->page->html($key);
            self::assertStringContainsString($device->profile->model, $html);
            self::assertStringContainsString($device->remote === null ? $device->trigger() : 'on its remote', $html);
            self::assertStringContainsString('<svg', $html);
        }
    }

    public function test_the_right_gesture_is_among_wrong_ones(): void
    {
        $labels = array_column($this->page->gestures(FoldTest::house()->devices['hall-relay']), 'label');

        self::assertContains('Press 3 times', $labels);
        self::assertContains('Press once', $labels);
        self::assertContains('Hold 5 s', $labels);
        self::assertSame($labels, array_unique($labels));
    }

    public function test_a_spare_is_plugged_in_at_a_socket_of_the_house(): void
    {
        self::assertStringContainsString('It lies in the van, without power', $this->page->html('van-relay-1'));
        self::assertStringNotContainsString('Plug it in at', $this->page->html('hall-relay'));
        $this->page->act(['do' => 'plug-at', 'device' => 'van-relay-1', 'point' => 'pantry-p1']);

        self::assertStringContainsString('It is plugged in', $this->page->html('van-relay-1'));
        self::assertMatchesRegularExpression('/<option value="pantry-p1" selected>Pantry, socket 1</', $this->page->html('van-relay-1'));
        self::assertSame(count($this->page->sockets()), count(array_unique($this->page->sockets())), 'every socket has a name of its own');
    }

    public function test_a_deed_is_written_down_and_shows(): void
    {
        $this->page->act(['do' => 'gesture', 'device' => 'hall-relay', 'kind' => 'press', 'times' => '3']);

        self::assertSame(['boot', 'gesture'], array_column($this->log->from(0)[0], 'do'));
        self::assertSame('blinking', $this->page->live()['devices']['hall-relay']['light']);
        self::assertSame('the light blinks twice a second', $this->page->live()['devices']['hall-relay']['sign']['words']);
        self::assertSame([], $this->page->live()['windows']);
        $this->log->append([
            'do' => 'open-window', 'command' => 'window-0001', 'protocol' => 'zwave', 'kind' => 'exclude', 'seconds' => 60,
        ]);
        self::assertSame(['Z-Wave exclude'], array_column($this->page->live()['windows'], 'what'));
    }

    public function test_what_no_hand_can_do_is_not_written_down(): void
    {
        $this->page->act(['do' => 'open-window', 'command' => 'window-0001', 'seconds' => '60']);
        $this->page->act(['do' => 'conjure']);
        $this->page->act([]);

        self::assertSame(['boot'], array_column($this->log->from(0)[0], 'do'));
    }

    public function test_the_house_can_be_put_back(): void
    {
        $this->page->act(['do' => 'unplug']);
        self::assertFalse($this->page->live()['plugged']);
        $first = $this->log->from(0)[0][0]['epoch'];
        $this->page->act(['do' => 'reset']);

        self::assertTrue($this->page->live()['plugged']);
        self::assertNotSame($first, $this->log->from(0)[0][0]['epoch'], 'a new boot');
    }

    public function test_time_never_runs_backwards_in_the_log(): void
    {
        $this->page->act(['do' => 'advance', 'seconds' => '60']);
        $this->page->act(['do' => 'trigger', 'device' => 'store-contact']);
        $times = array_column($this->log->from(0)[0], 'at');
        $sorted = $times;
        sort($sorted);

        self::assertSame($sorted, $times);
        self::assertGreaterThanOrEqual(60_000, end($times) - $times[0]);
    }

    public function test_a_sticker_carries_a_code_that_checks(): void
    {
        foreach (FoldTest::house()->devices as $device) {
            $sticker = Sticker::of(FoldTest::house(), $device, false);
            $wrong = Sticker::of(FoldTest::house(), $device, true);
            self::assertStringContainsString('<svg', $sticker->svg());
            $family = $device->profile->codeSheet?->family;
            if ($family === null || $family === CodeFamily::OwnKey || $device->position === null) {
                self::assertNull($sticker->code);

                continue;
            }
            self::assertSame($family, CodeFamily::of(Codes::read((string) $sticker->code)[0]->kind()));
            self::assertSame($family, CodeFamily::of(Codes::read((string) $wrong->code)[0]->kind()), 'another unit’s code checks as well');
            self::assertNotSame($sticker->code, $wrong->code);
            self::assertNull(CodeMatch::objection($device->profile, Codes::read((string) $sticker->code)[0]));
        }
    }

    public function test_every_fault_says_what_it_is(): void
    {
        $words = array_map(static fn (Fault $fault): string => $fault->words(), Fault::cases());

        self::assertSame($words, array_unique($words));
        self::assertStringContainsString('Still owned by another network', $this->page->html('hall-relay'));
    }
}
