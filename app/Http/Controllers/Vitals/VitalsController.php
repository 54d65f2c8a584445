<?php

declare(strict_types=1);

namespace App\Http\Controllers\Vitals;

use App\Vitals\Away;
use App\Vitals\DatabaseAway;
use App\Vitals\Heartbeat;
use App\Vitals\Part;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Whether every part is there, for people and for whatever watches over the machine. */
final class VitalsController
{
    public function __invoke(Request $request): Response
    {
        $away = array_filter(array_map(Away::orNull(...), [Part::Listener, Part::Commands, Part::Queue, Part::Scheduler]));
        if (! $this->databaseAnswers()) {
            $away = [new Away(Part::Database, Heartbeat::last(Part::Database)), ...$away];
        }
        $words = array_values(array_map(static fn (Away $one): string => $one->words(), $away));
        // A page without its database is no page; without the others it still is one.
        $status = ($away[0] ?? null)?->part === Part::Database ? 503 : 200;

        return $request->expectsJson()
            ? response()->json(['away' => array_map(static fn (Away $one): string => $one->part->value, array_values($away))], $status)
            : response()->view('vitals.show', ['words' => $words], $status);
    }

    private function databaseAnswers(): bool
    {
        try {
            DB::select('select 1');

            return true;
        } catch (QueryException $failure) {
            return DatabaseAway::explains($failure) ? false : throw $failure;
        }
    }
}
