<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Kavvel\Core\Closing\PointStep;

/** Case 15, whole: a large house at first fix, from its cable schedule to the screed. */
final class StaitheHouseTest extends CarriesAHouse
{
    protected function key(): string
    {
        return 'staithe-house';
    }

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function test_its_cables_have_labels_lengths_and_drums(): void
    {
        $this->lens('cables')->assertSeeInOrder(['drums for', 'Drums', 'm left', 'Data ports', 'In strips of the wall']);
        $rows = array_map(str_getcsv(...), explode("\r\n", trim((string) $this->get($this->url('/cables'))->assertOk()->getContent())));
        $labels = array_column(array_slice($rows, 1), 0);
        self::assertSame(array_unique($labels), $labels);
        self::assertContains('drawn', array_column($rows, 7), 'the first floor is reached by the riser');
        self::assertSame([], array_filter(array_slice($rows, 1), static fn (array $row): bool => (float) $row[6] > 90.0));
        self::assertCount(24 + 2 + 4 + 6 + 3 + 2 + 9, $labels, 'two for each data point');
    }

    public function test_a_count_that_differs_is_settled_by_asking_and_two_points_are_added(): void
    {
        $this->lens('closings')->assertSee('Data: the plan lacks 2');
        $about = 'count data 14/12';
        $this->lens('questions', "ask {$about}")->assertSee('value="14"', false);
        $this->post($this->url('/questions'), [
            'text' => 'How many points for data are to be there?', 'owner' => 'Designer', 'otherwise' => 'As planned: 12.',
            'about' => $about, 'closing' => 'plaster-ground', 'who_1' => 'Designer', 'says_1' => '14', 'who_2' => 'Plan', 'says_2' => '12',
        ])->assertSessionHasNoErrors();
        $question = $this->house->questions()->where('about', $about)->sole();
        $this->put($this->url("/questions/{$question->key}/answer"), ['answer' => 'Designer: 14', 'lock_version' => '1']);
        $this->lens('closings')->assertSee('settled: Designer: 14');
        foreach (['3', '4'] as $y) {
            $this->addPoint(['x' => '13.9', 'y' => $y, 'height' => '0.3', 'purpose' => 'data']);
        }
        $this->lens('closings')->assertDontSee('Data: the plan lacks');
    }

    public function test_a_question_has_its_deadline_and_its_default_and_the_spare_cable_is_laid(): void
    {
        $closing = $this->house->closings()->where('key', 'plaster-ground')->sole()->core();
        $this->lens('questions', 'question blinds-later')->assertSee('By '.$closing->questionsBy()->format('j F'))
            ->assertSee('About 60 a window now')->assertDontSee('Nobody answered');
        $this->travelTo($closing->questionsBy()->modify('+1 day 10:00'));
        $this->lens('questions', 'question blinds-later')->assertSee('a day late')
            ->assertSee('Nobody answered: One spare cable is laid to each window of the living room.');
        $this->put($this->url('/questions/blinds-later/answer'), [
            'answer' => 'Nobody answered: One spare cable is laid to each window of the living room.', 'lock_version' => '1',
        ])->assertSessionHasNoErrors();
        $this->addPoint(['x' => '0.9', 'y' => '0.2', 'height' => '2.4', 'purpose' => 'spare']);
        $this->lens('cables')->assertSee('Spare, living room');
        $this->lens('closings', 'closing plaster-ground')->assertSee('answered');
    }

    public function test_what_closes_next_stands_first_and_nothing_closes_over_what_is_not_ready(): void
    {
        $this->lens('closings')->assertSeeInOrder([
            'Screed, kitchen and utility', 'Plaster, ground floor', 'Plaster, first floor', 'points before', 'Screed, kitchen and utility',
        ]);
        $this->post($this->url('/closings/screed/closed'))->assertSessionHasErrors('closing');
        foreach ($this->pointsIn('kitchen') as $point) {
            $this->readyToClose($point);
        }
        $this->lens('closings')->assertSee('Screed, kitchen and utility may close');
        $this->post($this->url('/closings/screed/closed'))->assertSessionHasNoErrors();
        $this->lens('closings')->assertSeeInOrder(['points before', 'Plaster, ground floor']);
    }

    public function test_a_cable_that_was_moved_is_found_by_a_check_that_had_grown_stale(): void
    {
        foreach ($this->pointsIn('kitchen') as $point) {
            $this->readyToClose($point);
        }
        $before = $this->lengthOf('kitchen-p02');
        $this->travel(1)->hours();
        $this->post($this->url('/site-work'), ['room' => 'kitchen', 'trade' => 'plumber'])->assertSessionHasNoErrors();
        $this->lens('closings')->assertDontSee('Screed, kitchen and utility may close')->assertSee('check it again');
        $this->lens('closings', 'point kitchen-p02')->assertSee('Another trade worked in the room after it was checked');

        // The plumber pushed the floor box aside for a pipe: the plan follows the house, and the run is longer by as much.
        $this->post($this->url('/plan-edits'), [
            'edit' => 'move-point', 'point' => 'kitchen-p02', 'storey' => 'ground', 'x' => '12', 'y' => '2.5',
        ])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($before + 1.1, $this->lengthOf('kitchen-p02'), 0.06);
        $this->travel(1)->hours();
        foreach ($this->pointsIn('kitchen') as $point) {
            $this->step($point, PointStep::Checked);
        }
        $this->lens('closings')->assertSee('Screed, kitchen and utility may close');
    }

    public function test_its_keypads_are_planned_key_by_key_until_no_door_is_dark(): void
    {
        $this->lens('control')->assertSee('Light the way');
        $keypads = [
            'living-room' => 'living-keypad', 'kitchen' => 'kitchen-keypad', 'dining-room' => 'dining-keypad', 'hall' => 'hall-keypad',
        ];
        foreach ($keypads as $room => $keypad) {
            $this->post($this->url('/key-uses'), [
                'control' => "slot {$keypad}", 'number' => '1', 'press' => 'press', 'circuit' => "{$room}-lights", 'effect' => 'toggle',
                'way' => 'direct', 'room' => '',
            ])->assertSessionHasNoErrors();
        }
        $this->lens('control', 'slot living-keypad')->assertSee('Living room lights');
        $this->lens('circuits', 'living-room-lights')->assertSee('panel 1.1');
    }

    public function test_rooms_with_a_door_are_zones_and_the_cheapest_centres_hold_them(): void
    {
        $this->lens('heating')->assertSee('Wiring centres')->assertSee('zones on water')->assertSee('Dining room');
        self::assertSame(11, $this->house->roomHeatings()->count());
    }

    /** @param array<string, string> $values */
    private function addPoint(array $values): void
    {
        $this->post($this->url('/plan-edits'), ['edit' => 'add-point', 'storey' => 'ground', ...$values])->assertSessionHasNoErrors();
    }

    /** @return list<string> keys of those with a cable */
    private function pointsIn(string $room): array
    {
        $id = $this->house->rooms()->where('key', $room)->value('id');

        return array_values($this->house->points()->where('room_id', $id)->orderBy('id')->pluck('key')->all());
    }

    private function readyToClose(string $point): void
    {
        foreach (PointStep::cases() as $step) {
            if ($step->isBeforeClosing()) {
                $this->step($point, $step);
            }
        }
    }

    private function step(string $point, PointStep $step): void
    {
        $picture = $step === PointStep::Photographed ? ['picture' => UploadedFile::fake()->image('box.jpg', 40, 30)] : [];
        $this->post($this->url('/point-steps'), ['point' => $point, 'step' => $step->value, ...$picture])->assertSessionHasNoErrors();
    }

    private function lengthOf(string $point): float
    {
        $page = (string) $this->lens('closings', "point {$point}")->getContent();
        $label = (string) preg_replace('/.*<h2 class="measure">([^<]+)<.*/s', '$1', $page);
        foreach (explode("\r\n", (string) $this->get($this->url('/cables'))->getContent()) as $line) {
            $row = str_getcsv($line);
            if (str_starts_with((string) $row[0], $label)) {
                return (float) $row[6];
            }
        }
        self::fail("No cable is called {$label}.");
    }
}
