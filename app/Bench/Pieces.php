<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\Hub;
use App\Stations\Middle;

/**
 * The pieces of a bench page. What the line, the top and the plan say follows from a few values, so that they are
 * rendered only where those have changed since they were sent; the card on the right is rendered each time.
 */
final readonly class Pieces
{
    public function __construct(private Stage $stage) {}

    /**
     * @param  array<string, string>  $seen  versions that are on screen already, by name of the piece
     * @return list<Part> in the order of the page; those that were seen carry their version only
     */
    public function of(Bench $bench, array $seen): array
    {
        $stage = $this->stage->version($bench);

        return [
            $this->known('line', $this->lineVersion($bench), $bench, $seen),
            $this->known('top', $this->topVersion($bench), $bench, $seen),
            ($seen['stage'] ?? null) === $stage ? Part::ofVersion('stage', $stage, '') : $this->stage->part($bench, $stage),
            Part::rendered('side', $this->render('side', $bench)),
        ];
    }

    /** @return list<Part> the middle and the card of a page that needs no slots */
    public function quick(QuickBench $bench, Middle $middle): array
    {
        $side = view('bench.quick-side', ['bench' => $bench, 'job' => $bench->job])->render();

        return [$this->stage->quick($bench, $middle), Part::rendered('side', $side)];
    }

    /** @param array<string, string> $seen */
    private function known(string $name, string $version, Bench $bench, array $seen): Part
    {
        return Part::ofVersion($name, $version, ($seen[$name] ?? null) === $version ? '' : $this->render($name, $bench));
    }

    private function render(string $name, Bench $bench): string
    {
        /** @var view-string $view */
        $view = "bench.{$name}";

        return view($view, ['bench' => $bench, 'job' => $bench->sheet->job])->render();
    }

    private function lineVersion(Bench $bench): string
    {
        return Part::short(serialize([$bench->sheet->job->id, $bench->station, $bench->line]));
    }

    private function topVersion(Bench $bench): string
    {
        $job = $bench->sheet->job;

        return Part::short(serialize([
            $job->id, $job->name, $job->visit_number, $job->visit_of, $job->planned_minutes, $job->used_minutes,
            $bench->counts->openSnags, $bench->user->single_keys,
            array_map(static fn (Hub $hub): array => [$hub->gateway->name, $hub->silentSince() === null], $bench->sheet->linkedHubs()),
        ]));
    }
}
