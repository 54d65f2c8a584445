<?php

declare(strict_types=1);

namespace App\Stations\Survey\Radio;

use App\Floorplan\PlanStore;
use App\Floorplan\Subject;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Network;
use App\Plan\Lens;
use App\Plan\Trial;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use App\Stations\Survey\Channels\BandView;
use App\Stations\Survey\SurveyLens;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Site\Vec3;

/** What the radios of one protocol would reach: the storey shaded, places for the hub, and relays. */
final readonly class RadioLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $wanted = RadioAsked::of($asked->at);
        $spoken = self::spoken($sheet);
        $protocol = in_array($wanted->protocol, $spoken, true) ? $wanted->protocol : $spoken[0] ?? null;
        if ($protocol === Protocol::Infrared) {
            return $this->infrared($sheet, $asked, $spoken);
        }
        $network = $protocol === null ? null : RadioNetwork::of($sheet, $protocol);
        if ($network === null) {
            return $this->empty($sheet, $spoken);
        }
        $storey = $sheet->geometry->storey($asked->storey)['key'] ?? $network->hub->storey;
        $trial = self::trial($network, $wanted, $storey);
        $from = $trial ?? $network->hub->place();
        $shades = new StoreyShade($sheet, $network);
        $straight = $network->straight($from);
        $contended = $this->contended($sheet, $network);

        return new Move(
            'survey.radio.side',
            fn (): array => [
                'network' => $network, 'spoken' => $spoken, 'trial' => $trial, 'storey' => $storey, 'straight' => $straight,
                'contended' => count($contended),
                'seen' => Subject::mark($this->plans->read($sheet->job), 'hubs', $network->hub->key()),
                'trialStorey' => $wanted->place === null ? $storey : $network->storeyOf($wanted->place),
                'proxies' => $network->protocol === Protocol::BluetoothLe ? $network->proxies() : null,
                'places' => $network->isMesh() ? $network->places($trial) : [],
                'touched' => $wanted->touch === null ? null : $shades->at($storey, ...[...$wanted->touch, $from]),
                'relays' => $wanted->relays && $network->isMesh() ? $network->relays() : null,
                'radio' => new RadioWords($sheet, $network),
            ],
            new Lens(
                labels: $this->labels($straight, $contended, $sheet->job->acceptance_db),
                only: [$network->protocol],
                shade: $shades->of($storey, $from),
                touched: $wanted->touch,
                trial: $trial === null ? null : self::drawn($trial, $network, $wanted, $storey),
            ),
            new Legend('straight from the hub, '.StoreyShade::HEIGHT_M.' m up'),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Radio->value,
            within: SurveyLens::Radio->within(),
        );
    }

    /**
     * @param  array<string, float>  $straight
     * @param  array<string, SlotCard>  $contended
     * @return array<string, string> by slot; words only where something is wrong
     */
    private function labels(array $straight, array $contended, float $acceptanceDb): array
    {
        $labels = [];
        foreach ($straight as $key => $margin) {
            $word = Margin::of($margin, $acceptanceDb);
            $labels[$key] = Margin::text($margin).($word->isAccepted() ? '' : " {$word->value}")
                .(isset($contended[$key]) ? ', contended' : '');
        }

        return $labels;
    }

    /** @return array<string, SlotCard> by key: those that the Wi-Fi heard in their room would drown on the channel that is chosen */
    private function contended(JobSheet $sheet, RadioNetwork $network): array
    {
        $own = Network::query()->where('gateway_id', $network->hub->gateway->id)->where('protocol', $network->protocol->value)->first();
        if ($own?->channel === null || ! BandView::isIn($network->protocol)) {
            return [];
        }
        $cards = BandView::contended($sheet, $own, $own->channel, array_values($sheet->job->heardNetworks()->get()->all()));

        return array_combine(array_map(static fn (SlotCard $card): string => $card->key(), $cards), $cards);
    }

    /** @param list<Protocol> $spoken */
    private function infrared(JobSheet $sheet, Asked $asked, array $spoken): Move
    {
        $sights = new InfraredSights($sheet);
        $fewest = $sights->fewest();
        $storey = $sheet->geometry->storey($asked->storey)['key'] ?? array_values($sheet->ofProtocol(Protocol::Infrared))[0]->storey;

        return new Move(
            'survey.radio.infrared',
            static fn (): array => ['sheet' => $sheet, 'sights' => $sights, 'fewest' => $fewest, 'spoken' => $spoken],
            new Lens(showPoints: true, only: [Protocol::Infrared], rays: $sights->rays($fewest->add, $storey)),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Radio->value,
            within: SurveyLens::Radio->within(),
        );
    }

    /** @param list<Protocol> $spoken */
    private function empty(JobSheet $sheet, array $spoken): Move
    {
        return new Move(
            'survey.radio.empty',
            static fn (): array => ['hasHub' => $sheet->hubs !== [], 'hasSlots' => $spoken !== []],
            new Lens(only: []),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Radio->value,
            within: SurveyLens::Radio->within(),
        );
    }

    /** @return list<Protocol> that a device of the job speaks through the air, the most first */
    private static function spoken(JobSheet $sheet): array
    {
        $spoken = [];
        foreach ($sheet->cards as $card) {
            if ($card->profile->protocol === Protocol::Infrared
                || $card->profile->radio !== null && $card->profile->protocol->rules()->radio($sheet->job->region) !== null) {
                $spoken[$card->profile->protocol->value] = ($spoken[$card->profile->protocol->value] ?? 0) + 1;
            }
        }
        arsort($spoken);

        return array_map(static fn (int|string $word): Protocol => Protocol::from((string) $word), array_keys($spoken));
    }

    private static function trial(RadioNetwork $network, RadioAsked $asked, string $storey): ?Vec3
    {
        return match (true) {
            $asked->place !== null => $network->points()[$asked->place] ?? null,
            $asked->hub !== null => $network->atHubsHeight($storey, ...$asked->hub),
            default => null,
        };
    }

    private static function drawn(Vec3 $trial, RadioNetwork $network, RadioAsked $asked, string $storey): ?Trial
    {
        $isHere = $asked->place === null || $network->storeyOf($asked->place) === $storey;
        $hub = $network->hub->place();

        return $isHere ? new Trial($trial->x, $trial->y, $network->hub->storey === $storey ? [$hub->x, $hub->y] : null) : null;
    }
}
