<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Closing;
use App\Models\Question;
use App\Models\TradeWork;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** What only other people can answer: by when, what it costs, and what happens where nobody does. */
final class QuestionsTest extends TestCase
{
    private const HOUSE = '/jobs/lantern-house';

    private const LENS = self::HOUSE.'/survey?lens=questions';

    private const ASKED = [
        'text' => 'Is the store to have a camera?', 'owner' => 'Client', 'trade' => 'electrician', 'otherwise' => 'It gets none.',
        'cost_effect' => 'About 120.', 'closing' => 'plaster-upper',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_what_is_due_first_stands_first_with_both_sources_and_what_happens_unanswered(): void
    {
        $this->get(self::LENS)->assertOk()->assertSeeInOrder([
            'Which circuit feeds the bathroom heater', 'Pell, electrician', 'A contactor and a second cable',
            'On which side of the keeper’s room window', 'before Plaster, upper floor', 'Drawing of 3 November', 'left',
            'Sheet of the blind', 'motor on the right only', 'Unanswered: The feed stays on the left',
        ]);
        $this->get('/jobs/weir-cottage/survey?lens=questions')->assertSee('Nobody is asked anything');
    }

    public function test_a_question_of_a_closing_moves_with_it_and_keeps_its_day_when_the_closing_goes(): void
    {
        $this->post(self::HOUSE.'/questions', self::ASKED)->assertRedirect();
        $question = Question::query()->where('text', self::ASKED['text'])->sole();
        $closing = Closing::query()->where('key', 'plaster-upper')->sole();
        self::assertSame($closing->core()->questionsBy()->format('Y-m-d'), $question->core()->dueOn()->format('Y-m-d'));

        $later = $closing->closes_on->copy()->addDays(14);
        $closing->update(['closes_on' => $later]);
        self::assertSame($closing->core()->questionsBy()->format('Y-m-d'), $question->refresh()->core()->dueOn()->format('Y-m-d'));
        $this->get(self::HOUSE.'/survey?lens=closings&at='.rawurlencode('closing plaster-upper'))->assertSee(self::ASKED['text']);

        $this->delete(self::HOUSE.'/closings/plaster-upper');
        $left = $question->refresh();
        self::assertNull($left->closing_id);
        self::assertSame($closing->core()->questionsBy()->format('Y-m-d'), $left->core()->dueOn()->format('Y-m-d'));
        $this->put(self::HOUSE."/questions/{$question->key}/answer", ['answer' => 'Yes.', 'lock_version' => 1])->assertStatus(409);
    }

    public function test_what_a_source_says_is_an_answer_by_one_touch_and_an_answer_can_be_taken_back(): void
    {
        $at = self::LENS.'&at='.rawurlencode('question keeper-blind');
        $this->get($at)->assertSee('value="Sheet of the blind: motor on the right only"', false)->assertDontSee('Nobody answered');
        $answer = ['answer' => 'Sheet of the blind: motor on the right only', 'lock_version' => '1', 'from' => 'questions'];
        $this->put(self::HOUSE.'/questions/keeper-blind/answer', $answer)->assertRedirect(self::LENS);
        $this->as('idris')->put(self::HOUSE.'/questions/keeper-blind/answer', $answer)->assertStatus(409);
        $this->get(self::LENS)->assertSeeInOrder(['Answered', 'On which side of the keeper’s room window', 'motor on the right only']);
        $this->delete(self::HOUSE.'/questions/keeper-blind/answer', ['lock_version' => '1'])->assertStatus(409);
        $this->delete(self::HOUSE.'/questions/keeper-blind/answer', ['lock_version' => '2', 'from' => 'questions'])
            ->assertRedirect(self::LENS);
        $question = Question::query()->where('key', 'keeper-blind')->sole();
        self::assertNull($question->answer);
        self::assertTrue($this->logged("Asked again: {$question->text}"));
    }

    public function test_once_it_is_late_or_closed_over_what_was_said_may_stand(): void
    {
        Question::query()->where('key', 'bath-heater')->update(['due_on' => now()->subDays(2)]);
        $this->siteJob()->touchLive();
        $this->get(self::HOUSE.'/survey')->assertSee('2 days late')->assertSee('Nobody answered: The wall is tiled');
        Closing::query()->where('key', 'plaster-upper')->update(['closed_at' => now()]);
        $this->siteJob()->touchLive();
        $this->get(self::LENS)->assertSee('Plaster, upper floor is closed');
        $this->get(self::LENS.'&at='.rawurlencode('question keeper-blind'))
            ->assertSee('<option value="plaster-upper" selected>', false);
    }

    public function test_counts_that_differ_are_asked_once_and_settled_by_the_answer(): void
    {
        $about = 'count speaker 2/1';
        $this->get(self::HOUSE.'/survey?lens=closings')->assertSee('ask+count+speaker+2%2F1', false);
        $this->get(self::LENS.'&at='.rawurlencode("ask {$about}"))->assertOk()->assertSee('How many points for speaker are to be there?')
            ->assertSee('value="Designer"', false);
        $ask = [
            'text' => 'How many speakers?', 'owner' => 'Oda Brandt', 'otherwise' => 'As planned: 1.', 'about' => $about,
            'due_on' => now()->addDays(3)->toDateString(), 'who_1' => 'Designer', 'says_1' => '2', 'who_2' => 'Plan', 'says_2' => '1',
        ];
        $this->post(self::HOUSE.'/questions', $ask)->assertSessionHasNoErrors();
        $this->as('idris')->post(self::HOUSE.'/questions', $ask)
            ->assertSessionHasErrors(['text' => 'Somebody asked this in the meantime: it stands among the questions.']);
        $this->get(self::LENS)->assertDontSee('How many points for speaker');
        $this->get(self::HOUSE.'/survey?lens=closings')->assertSee('Oda Brandt is asked, in 3 days');

        $key = Question::query()->where('about', $about)->sole()->key;
        $this->put(self::HOUSE."/questions/{$key}/answer", ['answer' => 'Plan: 1', 'lock_version' => '1']);
        $this->get(self::HOUSE.'/survey?lens=closings')->assertSee('settled: Plan: 1');
        $this->put(self::HOUSE.'/site-work', ['purpose' => 'speaker', 'count' => '4']);
        $this->get(self::HOUSE.'/survey?lens=closings')->assertDontSee('settled: Plan: 1');
        $this->get(self::LENS)->assertSee('How many points for speaker');
    }

    public function test_a_window_unlike_its_neighbours_is_worth_asking_about(): void
    {
        $this->get(self::LENS)->assertSeeInOrder(['Worth asking', 'no contact, and', 'Is it meant so?']);
    }

    public function test_what_can_t_be_asked_is_refused_with_its_field(): void
    {
        foreach ([
            'text' => ['text' => ''], 'owner' => ['owner' => ''], 'otherwise' => ['otherwise' => ''], 'due_on' => ['closing' => ''],
            'closing' => ['closing' => 'attic'], 'says_1' => ['who_1' => 'Drawing'],
        ] as $field => $wrong) {
            $this->post(self::HOUSE.'/questions', [...self::ASKED, ...$wrong])->assertSessionHasErrors($field);
        }
        $this->post('/jobs/calico-court/questions', self::ASKED)->assertSessionHasErrors('closing');
        $this->as('wren')->post(self::HOUSE.'/questions', self::ASKED)->assertForbidden();
        $this->get(self::LENS.'&at='.rawurlencode('question bath-heater'))->assertOk()->assertDontSee('Note the answer');
        $this->get(self::LENS.'&at='.rawurlencode('question gone'))->assertOk();
        $this->get(self::LENS.'&at='.rawurlencode('ask count speaker 9/9'))->assertOk();
    }

    public function test_a_question_is_changed_by_one_at_a_time_and_taken_off(): void
    {
        $this->put(self::HOUSE.'/questions/bath-heater', [...self::ASKED, 'lock_version' => '1'])->assertRedirect();
        self::assertSame('plaster-upper', Question::query()->where('key', 'bath-heater')->sole()->closing?->key);
        $this->as('idris')->put(self::HOUSE.'/questions/bath-heater', [...self::ASKED, 'lock_version' => '1'])->assertStatus(409);
        $this->delete(self::HOUSE.'/questions/bath-heater')->assertRedirect(self::LENS);
        $this->delete(self::HOUSE.'/questions/bath-heater')->assertNotFound();
        self::assertTrue($this->logged('Nobody is asked any more: Is the store to have a camera?'));
    }

    public function test_the_days_go_into_any_calendar(): void
    {
        Question::query()->where('key', 'bath-heater')->update(['text' => "Which one; this, or\nthat?"]);
        $text = (string) $this->get(self::HOUSE.'/calendar.ics')->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=UTF-8')->getContent();
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = array_map(
            static fn (Component $one): string => "{$one->__get('DTSTART')} {$one->__get('SUMMARY')}",
            array_values(array_filter($calendar->select('VEVENT'), static fn (mixed $one): bool => $one instanceof Component)),
        );
        sort($events);
        $plaster = Closing::query()->where('key', 'plaster-upper')->sole()->core();
        self::assertContains("{$plaster->on->format('Ymd')} Plaster, upper floor closes", $events);
        self::assertContains("{$plaster->orderBy()->format('Ymd')} Order what has to be in before Plaster, upper floor", $events);
        self::assertContains("{$plaster->questionsBy()->format('Ymd')} Answer due from Oda Brandt, designer", $events);
        self::assertCount(5, $events, 'what is closed is not among them');
        self::assertStringContainsString('Which one\; this\, or\nthat?', str_replace("\r\n ", '', $text));

        $this->put(self::HOUSE.'/questions/bath-heater/answer', ['answer' => 'This.', 'lock_version' => '1']);
        self::assertStringNotContainsString('Answer due from Pell', (string) $this->get(self::HOUSE.'/calendar.ics')->getContent());
        $this->as('wren')->get(self::HOUSE.'/calendar.ics')->assertOk();
    }

    public function test_that_another_trade_worked_can_be_taken_back(): void
    {
        $this->travel(1)->minutes();
        $this->post(self::HOUSE.'/site-work', ['room' => 'keeper', 'trade' => 'plumber']);
        $point = self::HOUSE.'/survey?lens=closings&at='.rawurlencode('point keeper-d1');
        $this->get($point)->assertSee('Another trade worked in the room after it was checked');
        $work = TradeWork::query()->where('room', 'keeper')->where('trade', 'plumber')->sole();
        $this->as('wren')->delete(self::HOUSE."/site-work/{$work->id}")->assertForbidden();
        $this->as('mara')->delete(self::HOUSE."/site-work/{$work->id}")->assertRedirect();
        $this->get($point)->assertDontSee('Another trade worked');
        $this->post(self::HOUSE.'/site-work', ['room' => 'keeper', 'trade' => 'plumber']);
        TradeWork::query()->where('trade', 'plumber')->update(['room' => 'taken-down']);
        $this->get(self::HOUSE.'/survey?lens=closings')->assertOk();
        self::assertTrue($this->logged('Plumber did not work in the keeper’s room after all.'));
    }
}
