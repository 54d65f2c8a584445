<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\Hands\PhonePage;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\TestCase;

/** The client's phone, the panel and the pages of the boxes. */
final class PhonePageTest extends TestCase
{
    private string $folder;

    private HandLog $log;

    private PhonePage $page;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kavvel-phone-'.bin2hex(random_bytes(6));
        $this->log = new HandLog($this->folder);
        $this->page = new PhonePage(FoldTest::house(), $this->log);
    }

    protected function tearDown(): void
    {
        $this->log->forget();
        rmdir($this->folder);
    }

    public function test_every_ecosystem_and_box_has_a_page(): void
    {
        foreach ($this->page->places() as $place) {
            self::assertStringContainsString("<h2 id=\"title\">{$place->name}</h2>", $this->page->html($place->id));
        }
        self::assertStringContainsString('<h2 id="title">Tansy</h2>', $this->page->html('nobody'), 'the first one');
        self::assertStringContainsString('Enter this key', $this->page->html('panel'));
        self::assertStringNotContainsString('Enter this key', $this->page->html('voice'), 'nothing asks it for one');
    }

    public function test_a_hub_makes_something_of_a_device_and_takes_it_out_again(): void
    {
        self::assertStringContainsString('What it makes of devices', $this->page->html('hub-box'));
        self::assertStringNotContainsString('What it makes of devices', $this->page->html('export-box'));
        $wrap = [
            'act' => 'wrap', 'box' => 'hub-box', 'device' => 'chart-blind', 'make' => 'tilt-as-cover', 'name' => 'Slats',
            'default' => 'closed',
        ];
        $this->page->act($wrap + ['open' => '85', 'closed' => '78']);
        $made = $this->page->state()->ecosystems->boxes['hub-box']->made['chart-blind as cover'];
        self::assertSame(['Slats', 85.0, 78.0], [$made->name, $made->threshold?->open, $made->threshold?->closed]);
        self::assertStringContainsString('value="chart-blind as cover"', $this->page->html('hub-box'), 'it can be shown');
        $this->deed('hub-box', 'Take Slats out again');
        self::assertSame([], $this->page->state()->ecosystems->boxes['hub-box']->made);
        $this->page->act($wrap + ['open' => '', 'closed' => '']);
        self::assertNull($this->page->state()->ecosystems->boxes['hub-box']->made['chart-blind as cover']->threshold);
    }

    public function test_a_house_without_any_says_so(): void
    {
        $job = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/demo/lantern-house.json'), true);
        unset($job['ecosystems'], $job['boxes'], $job['bridgeSheets']);
        $page = new PhonePage(House::read((string) json_encode($job), '{"seed": 1, "walls": [], "faults": {}}'), $this->log);

        self::assertStringContainsString('neither ecosystems nor boxes', $page->html(''));
    }

    public function test_the_export_is_linked_with_the_code_that_the_page_of_the_hub_shows(): void
    {
        self::assertContains('Switch the export on, on the page of the hub', $this->labels('hub-box'));
        $this->deed('hub-box', 'Switch the export on, on the page of the hub');
        self::assertNotContains('Switch the export on, on the page of the hub', $this->labels('hub-box'), 'it is on');
        $this->deed('hub-box', 'Open the sharing window of the hub');
        self::assertSame(1, preg_match('/data-window="([^"]+)"/', $this->page->html('hub-box'), $code));
        $this->page->act(['act' => 'scan', 'of' => 'voice', 'code' => $code[1] ?? '']);
        self::assertStringContainsString('Sign in first.', $this->page->html('voice'));
        $this->page->act(['act' => 'sign-in', 'of' => 'voice', 'by' => 'Odile Harrow']);
        self::assertStringContainsString('Signed in: Odile Harrow', $this->page->html('voice'));
        $this->page->act(['act' => 'scan', 'of' => 'voice', 'code' => '12345']);
        self::assertStringContainsString('Nothing answers to that code.', $this->page->html('voice'));
        $this->page->act(['act' => 'scan', 'of' => 'panel', 'code' => $code[1] ?? '']);
        self::assertStringContainsString('It can’t take that in.', $this->page->html('panel'));
        $this->page->act(['act' => 'scan', 'of' => 'voice', 'code' => $code[1] ?? '']);
        $this->log->append(['do' => 'advance', 'seconds' => 60]);

        self::assertStringContainsString('data-shown="chart-dimmer"', $this->page->html('voice'));
        $this->deed('voice', 'Take Hub out, with all behind it');
        self::assertStringContainsString('<h3>0 devices show here</h3>', $this->page->html('voice'));
    }

    public function test_a_bridge_is_shared_in_its_own_app_with_what_is_behind_it(): void
    {
        $this->deed('rack-bridge', 'Open the sharing window of the rack bridge box, in its own app');
        preg_match('/data-window="([^"]+)"/', $this->page->html('rack-bridge'), $code);
        $this->page->act(['act' => 'sign-in', 'of' => 'phone', 'by' => 'Odile Harrow']);
        $this->page->act(['act' => 'scan', 'of' => 'phone', 'code' => $code[1] ?? '']);
        $this->log->append(['do' => 'advance', 'seconds' => 10]);

        self::assertStringContainsString('data-shown="desk-left"', $this->page->html('phone'));
        self::assertStringNotContainsString('data-shown="chart-dimmer"', $this->page->html('phone'));
    }

    public function test_the_list_of_what_is_shown_is_set_and_opened_again(): void
    {
        $shown = fn (): int => substr_count($this->page->html('export-box'), ' checked');
        $this->deed('export-box', 'Plug it in');
        $this->page->act(['act' => 'make-key', 'box' => 'hub-box', 'for' => 'export-box']);
        preg_match('/Key for export-box: <code>([^<]+)</', $this->page->html('hub-box'), $key);
        $this->page->act(['act' => 'enter-key', 'box' => 'export-box', 'key' => $key[1] ?? '']);
        $all = $shown();
        $list = ['act' => 'show', 'box' => 'export-box', 'form' => 'matter-bridge', 'chosen' => '1'];
        $this->page->act(['show' => ['chart-dimmer']] + $list);
        self::assertSame(1, $shown());
        $this->page->act($list);
        self::assertSame(0, $shown(), 'nothing at all');
        $this->deed('export-box', 'Show everything as Matter bridge');

        self::assertSame($all, $shown());
    }

    public function test_a_panel_is_linked_by_its_driver_and_a_key(): void
    {
        $this->deed('hub-box', 'Switch the local interface on, on the page of the hub');
        $this->deed('hub-box', 'Make a key for Sillboard');
        self::assertSame(1, preg_match('/Key for panel: <code>([^<]+)</', $this->page->html('hub-box'), $key));
        $this->page->act(['act' => 'enter-key', 'of' => 'panel', 'key' => 'wrong']);
        self::assertStringContainsString('That key opens nothing.', $this->page->html('panel'));
        $this->page->act(['act' => 'enter-key', 'of' => 'panel', 'key' => $key[1] ?? '']);
        $this->deed('panel', 'Load the driver on the panel, with the address of the hub');
        $this->deed('panel', 'Have it look for devices');
        self::assertStringContainsString('Found something.', $this->page->html('panel'));
        $this->deed('panel', 'Have it look for devices');

        self::assertStringContainsString('Nothing new.', $this->page->html('panel'));
    }

    public function test_servers_and_the_internet_go_and_come_back(): void
    {
        $this->deed('voice', 'Its servers go down');
        $this->page->act(['act' => 'sign-in', 'of' => 'voice', 'by' => 'Odile Harrow']);
        $this->deed('voice', 'Have it look for devices');
        self::assertStringContainsString('No connection.', $this->page->html('voice'));
        $this->deed('voice', 'Its servers are back');
        $this->deed('phone', 'The internet goes out');
        self::assertContains('The internet is back', $this->labels('voice'));
        $this->deed('voice', 'Its servers lag by two minutes');

        self::assertContains('Its servers are quick again', $this->labels('voice'));
    }

    public function test_what_no_hand_can_do_there_is_not_written_down(): void
    {
        foreach ([['act' => 'conjure', 'of' => 'voice'], ['of' => 'voice'], []] as $form) {
            $this->page->act($form);
        }

        self::assertSame(['boot'], array_column($this->log->from(0)[0], 'do'));
    }

    /** @return list<string> */
    private function labels(string $place): array
    {
        return array_column($this->deeds($place), 'label');
    }

    private function deed(string $place, string $label): void
    {
        $forms = array_column($this->deeds($place), 'form', 'label');
        self::assertArrayHasKey($label, $forms);
        self::assertStringContainsString($label, $this->page->html($place));
        $this->page->act($forms[$label]);
    }

    /** @return list<array{label: string, form: array<string, string>}> */
    private function deeds(string $place): array
    {
        $state = $this->page->state();
        $premises = $state->world->house->premises;

        $one = $premises->ecosystems[$place] ?? $premises->box($place);
        self::assertNotNull($one);

        return $this->page->deeds($one, $state);
    }
}
