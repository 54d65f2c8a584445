<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\Plan\Draughtsman;
use App\Plan\Drawing;
use App\Plan\Geometry;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Plan\PlanStyle;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PlanTest extends TestCase
{
    private JobSheet $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->sheet = JobSheet::of($this->siteJob());
    }

    #[DataProvider('storeys')]
    public function test_every_slot_of_a_storey_is_on_its_plan(string $storey): void
    {
        $drawn = array_merge(...array_column($this->draw($storey)->plates, 'keys'));
        $planned = array_keys(array_filter($this->sheet->cards, static fn ($card): bool => $card->storey === $storey));

        self::assertEqualsCanonicalizing($planned, $drawn);
    }

    #[DataProvider('storeys')]
    public function test_texts_plates_and_capsules_keep_clear_of_each_other(string $storey): void
    {
        $links = [];
        foreach ($this->sheet->cards as $key => $card) {
            if ($card->storey === $storey && $card->isIn()) {
                $links[] = LensLink::measured($key, LensLink::hub('hub'), (float) (crc32($key) % 30), 12);
            }
        }
        $drawing = $this->draw($storey, new Lens($links));
        $fixed = [...array_column($drawing->plates, 'box'), ...$drawing->hubs];
        $capsules = array_column($drawing->capsules, 'box');
        foreach ($capsules as $at => $capsule) {
            foreach ([...$fixed, ...array_slice($capsules, $at + 1)] as $other) {
                self::assertFalse($capsule->overlaps($other), "{$drawing->capsules[$at]['text']} lies on something");
            }
        }
        foreach ([...$fixed, ...$capsules] as $box) {
            self::assertTrue($box->isInside($drawing->frame), 'something is cut off');
        }
    }

    #[DataProvider('storeys')]
    public function test_every_room_has_its_name(string $storey): void
    {
        $rooms = array_column($this->sheet->geometry->roomsOn($storey), 'name');

        self::assertEqualsCanonicalizing($rooms, array_column($this->draw($storey)->rooms, 'text'));
    }

    /** @return list<array{string}> */
    public static function storeys(): array
    {
        return [['lantern'], ['first'], ['ground'], ['shed']];
    }

    public function test_walls_are_drawn_with_their_real_thickness(): void
    {
        $corners = array_map(
            static fn (string $point): array => array_map(floatval(...), explode(',', $point)),
            explode(' ', $this->draw('ground')->walls[0]),
        );

        self::assertEqualsWithDelta(0.55, abs($corners[0][1] - $corners[3][1]), 0.001);
        self::assertEqualsWithDelta(15.55, abs($corners[0][0] - $corners[1][0]), 0.001);
    }

    public function test_the_current_slot_gets_its_brackets_and_its_name_first(): void
    {
        $drawing = $this->draw('ground', new Lens, 'freezer');
        $plate = array_values(array_filter($drawing->plates, static fn (array $plate): bool => $plate['key'] === 'freezer'))[0];

        self::assertNotNull($drawing->current);
        self::assertTrue($plate['box']->isInside($drawing->current));
        self::assertContains(
            $drawing->labels[0]['text'],
            ['Freezer probe', 'Probe'],
            'before all others, shorter where there is no room',
        );
        self::assertNull($this->draw('first', new Lens, 'freezer')->current);
    }

    public function test_a_link_says_its_margin_and_a_word_only_where_something_is_wrong(): void
    {
        $texts = array_map(static fn (float $margin): string => LensLink::measured('a', 'b', $margin, 12)->text(), [
            27.4, 12.0, 9.1, 3.6,
        ]);

        self::assertSame(['27 dB', '12 dB', '9 dB · thin', '3 dB · lost'], $texts);
        self::assertSame('17 dB forecast', LensLink::forecast('a', 'b', 17.2)->text());
        self::assertGreaterThan(LensLink::measured('a', 'b', 13, 12)->strokeWidth(), LensLink::measured('a', 'b', 30, 12)->strokeWidth());
    }

    public function test_what_crosses_a_floor_ends_in_one_labelled_stub(): void
    {
        $lens = new Lens([
            LensLink::measured('bunk-lamp', LensLink::hub('hub'), 14, 12),
            LensLink::measured('landing-motion', LensLink::hub('hub'), 9, 12),
            LensLink::measured('shed-plug', LensLink::hub('hub'), 8, 12),
        ]);
        $ground = $this->draw('ground', $lens);
        $first = $this->draw('first', $lens);

        self::assertEqualsCanonicalizing(['to First: 2, worst 9 dB', 'to Boat shed: 8 dB'], array_column($ground->capsules, 'text'));
        self::assertSame(['to Ground: 2, worst 9 dB'], array_column($first->capsules, 'text'));
        self::assertSame('thin', $first->capsules[0]['kind']);
        self::assertCount(2, $first->lines);
        self::assertSame([], $this->draw('lantern', $lens)->lines);
    }

    public function test_the_stub_to_another_building_points_at_it(): void
    {
        $lens = new Lens([LensLink::measured('shed-plug', LensLink::hub('hub'), 8, 12)]);
        $ground = $this->draw('ground', $lens)->capsules[0]['box'];
        $shed = $this->draw('shed', $lens)->capsules[0]['box'];

        self::assertGreaterThan(13.0, $ground->centreX());
        self::assertLessThan(31.0, $shed->centreX());
    }

    public function test_a_lens_can_show_one_protocol_alone(): void
    {
        $tags = array_column($this->draw('ground', new Lens(only: [Protocol::Zigbee]))->plates, 'tag');

        self::assertSame(['ZB'], array_values(array_unique($tags)));
    }

    public function test_a_small_storey_is_not_blown_up(): void
    {
        self::assertGreaterThanOrEqual(12.0, $this->draw('lantern')->frame->width);
        self::assertGreaterThanOrEqual(12.0, $this->draw('shed')->frame->width);
    }

    public function test_screen_and_paper_draw_the_same_shapes(): void
    {
        $drawing = $this->draw(
            'ground',
            new Lens(
                [LensLink::forecast('hall-relay', LensLink::hub('hub'), 39), LensLink::measured('freezer', LensLink::hub('hub'), 3, 12)],
                showPoints: true,
            ),
            'hall-relay',
        );
        $draw = static fn (PlanStyle $paint): string => view('plan.shapes', [
            'drawing' => $drawing, 'paint' => $paint, 'link' => null,
        ])->render();
        $shapes = static fn (string $svg): array => array_count_values((array) (preg_match_all(
            '/<(polygon|rect|line|text|path)\b/',
            $svg,
            $found,
        ) ? $found[1] : []));

        self::assertSame($shapes($draw(PlanStyle::screen())), $shapes($draw(PlanStyle::paper())));
        self::assertStringNotContainsString('class=', $draw(PlanStyle::paper()));
        self::assertStringNotContainsString('fill="#', $draw(PlanStyle::screen()));
    }

    public function test_a_place_is_in_the_room_that_encloses_it(): void
    {
        $geometry = $this->sheet->geometry;
        $name = static fn (?int $room): ?string => $room === null ? null : $geometry->rooms[$room]['name'];

        self::assertSame('Pantry', $name($geometry->roomAt('ground', 1.0, 5.5)));
        self::assertSame('Bunk room', $name($geometry->roomAt('first', 1.0, 2.0)));
        self::assertNull($geometry->roomAt('ground', 40, 5));
    }

    public function test_a_new_version_of_the_plan_is_read_anew(): void
    {
        $job = $this->siteJob();
        $job->rooms()->where('key', 'pantry')->update(['name' => 'Cold store']);
        self::assertContains('Pantry', array_column(Geometry::of($job)->rooms, 'name'));
        $job->touchPlan();

        self::assertContains('Cold store', array_column(Geometry::of($job)->rooms, 'name'));
    }

    private function draw(string $storey, Lens $lens = new Lens, ?string $current = null): Drawing
    {
        return Draughtsman::draw($this->sheet->plan(), $storey, $lens, $current);
    }
}
