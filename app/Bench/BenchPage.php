<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\SiteJob;
use App\Models\User;
use App\Stations\Asked;
use App\Stations\DrawsAlone;
use App\Stations\Move;
use App\Vitals\Away;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Puts a station's move into the bench. A poll that is up to date gets nothing; one that is not gets the pieces that
 * changed.
 */
final readonly class BenchPage
{
    public function __construct(private StationList $stations, private Pieces $pieces, private KeptPages $kept) {}

    public function show(Request $request, SiteJob $job, string $station): Response
    {
        if ($request->query('since') === $this->version($job)) {
            return response()->noContent();
        }
        /** @var User $user */
        $user = $request->user();
        $seen = $this->seen($request);
        $quick = $this->quick($request, $job, $station, $user, $seen);
        if ($quick !== null) {
            return $quick;
        }
        $page = $this->kept->page($request, $job, $station, $seen, fn (): PageInPieces => $this->page($request, $job, $station, $seen))
            ->forPerson($user->name);
        $data = ['job' => $job, 'user' => $user, 'liveUrl' => $this->liveUrl($request, $job)];
        if ($seen !== []) {
            return response()->view('bench.parts', [...$data, 'page' => $page->changedSince($seen)]);
        }
        $data['page'] = $page;
        $isFragment = $request->headers->has('HX-Request') && ! $request->headers->has('HX-History-Restore-Request');

        return response(view('bench.show', $data)->fragmentIf($isFragment, 'bench'));
    }

    /** @param array<string, string> $seen versions of the pieces that are on screen already, by name */
    private function page(Request $request, SiteJob $job, string $station, array $seen = []): PageInPieces
    {
        $bench = $this->bench($request, $job, $station);
        $title = "{$bench->line->tap($station)->title}, {$job->name}";

        return new PageInPieces($title, $bench->move->isLive, $this->pieces->of($bench, $seen), $bench->move->isOwn);
    }

    /**
     * Whoever draws a plan sees what they drew at once; the rest of the page follows with the next tick. Null for any other
     * page.
     *
     * @param  array<string, string>  $seen
     */
    private function quick(Request $request, SiteJob $job, string $station, User $user, array $seen): ?Response
    {
        $asked = Asked::of($request);
        $one = $this->stations->named($station);
        $move = $seen === [] || $request->has('since') || ! $one instanceof DrawsAlone ? null : $one->alone($job, $asked);
        if ($move === null || $move->middle === null) {
            return null;
        }
        $bench = new QuickBench($job, $station, $asked, $move, $move->middle->storey, $move->middle->storeys, $user);
        $page = (new PageInPieces('', $move->isLive, $this->pieces->quick($bench, $move->middle)))->forPerson($user->name);

        return response()->view('bench.parts', [
            'job' => $job, 'user' => $user, 'page' => $page, 'liveUrl' => $request->fullUrlWithQuery(['since' => 'before']),
        ]);
    }

    private function bench(Request $request, SiteJob $job, string $station): Bench
    {
        /** @var User $user */
        $user = $request->user();
        $asked = Asked::of($request);
        $sheet = JobSheet::of($job);
        $counts = JobCounts::of($job);
        $move = $this->stations->named($station)->move($sheet, $counts, $asked);
        $open = $sheet->card($asked->slot);

        return new Bench(
            $sheet,
            $counts,
            Line::of($this->stations, $sheet, $counts),
            $station,
            $asked,
            $move,
            $this->storey($request, $sheet, $open?->storey, $move),
            $open === null ? null : SlotSheet::of($open, $sheet),
            $this->stack($request, $sheet),
            Away::behindThePage(),
            $user,
        );
    }

    /** @return array<string, string> versions of the pieces that a poll has, by name */
    private function seen(Request $request): array
    {
        $seen = [];
        $header = (string) $request->headers->get('Kavvel-Parts');
        preg_match_all('/\b(line|top|stage|side):([0-9a-f]{12})\b/', $header, $parts, PREG_SET_ORDER);
        foreach ($parts as [, $name, $version]) {
            $seen[$name] = $version;
        }

        return $seen;
    }

    private function liveUrl(Request $request, SiteJob $job): string
    {
        return $request->fullUrlWithQuery(['since' => $this->version($job)]);
    }

    /** Of all that a page shows: what was done on the job, and what is away behind the page. */
    private function version(SiteJob $job): string
    {
        return implode('-', [$job->live_version, ...array_map(static fn (Away $one): string => $one->part->value, Away::behindThePage())]);
    }

    /** @return list<SlotCard> */
    private function stack(Request $request, JobSheet $sheet): array
    {
        $keys = explode(' ', $request->string('stack')->toString());

        return array_values(array_intersect_key($sheet->cards, array_flip($keys)));
    }

    /** The storey that was asked for, or the one of the slot in hand, or the first hub's. */
    private function storey(Request $request, JobSheet $sheet, ?string $openStorey, Move $move): string
    {
        $asked = $request->string('storey')->toString();
        if ($sheet->geometry->storey($asked) !== null) {
            return $asked;
        }

        return $openStorey ?? $sheet->card($move->slot)->storey ?? $sheet->hubs[0]->storey ?? $sheet->geometry->storeys[0]['key'];
    }
}
