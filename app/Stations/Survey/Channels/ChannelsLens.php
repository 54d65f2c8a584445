<?php

declare(strict_types=1);

namespace App\Stations\Survey\Channels;

use App\JobSheet\JobSheet;
use App\Models\HeardNetwork;
use App\Models\Network;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;

/** The 2.4 GHz band with all that was heard in it, and the channels that a network may take. */
final readonly class ChannelsLens
{
    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $heard = array_values($sheet->job->heardNetworks()->with('room')->orderBy('channel')->orderBy('id')->get()->all());
        $networks = array_values(Network::query()->where('site_job_id', $sheet->job->id)->orderBy('id')->get()
            ->filter(static fn (Network $one): bool => BandView::isIn($one->protocol))->all());
        $network = $this->wanted($networks, $asked);
        $view = $network === null ? null : BandView::of($sheet, $network, $networks, $heard);
        $storeys = array_map(static fn (array $one): array => ['key' => $one['key'], 'name' => $one['name']], $sheet->geometry->storeys);

        return new Move(
            'survey.channels.side',
            static fn (): array => ['heard' => $heard, 'networks' => $networks, 'network' => $network, 'view' => $view, 'sheet' => $sheet],
            new Lens,
            middle: new Middle(
                'survey.channels.band',
                static fn (): array => ['heard' => $heard, 'view' => $view, 'network' => $network],
                serialize([
                    array_map(static fn (HeardNetwork $one): array => $one->getAttributes(), $heard),
                    array_map(static fn (Network $one): array => $one->getAttributes(), $networks), $network?->id,
                ]),
                $sheet->hubs[0]->storey ?? $storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Radio->value,
            within: SurveyLens::Channels->within(),
        );
    }

    /** @param list<Network> $networks */
    private function wanted(array $networks, Asked $asked): ?Network
    {
        foreach ($networks as $network) {
            if ($network->protocol->value === $asked->at) {
                return $network;
            }
        }

        return $networks[0] ?? null;
    }
}
