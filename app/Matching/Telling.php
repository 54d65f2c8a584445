<?php

declare(strict_types=1);

namespace App\Matching;

use App\JobSheet\JobSheet;
use App\Models\Listening;
use App\Models\SiteJob;
use App\Models\User;
use App\WhoIsWho\ListenedSlot;
use App\WhoIsWho\ListeningRefused;
use App\WhoIsWho\Listenings;
use App\WhoIsWho\Nobodys;
use Kavvel\Core\WhoIsWho\Trigger;

/** Devices that were told apart become the devices of their slots. */
final readonly class Telling
{
    public function __construct(private Listenings $listenings, private Matching $matching) {}

    /**
     * What was heard is the one. Whoever has told one apart listens for the next at once.
     *
     * @throws ListeningRefused|MatchRefused
     */
    public function itIs(SiteJob $job, Listening $listening, string $address, User $person): void
    {
        $this->listenings->check($listening);
        $sheet = JobSheet::of($job);
        $listened = ListenedSlot::of($sheet, $listening->load('voices'));
        $node = $listened?->found();
        if ($listened === null || $node?->address !== $address) {
            throw ListeningRefused::isNotSure($listening->slot);
        }
        $this->matching->match($job, $listened->card->slot, $node, $person);
        $this->listenings->end($listening);
        $this->next($job, $person);
    }

    /**
     * @param  list<string>  $seen  "slot=address", as the page showed them: what has changed meanwhile is left alone
     *
     * @throws MatchRefused
     */
    public function sure(SiteJob $job, array $seen, User $person): void
    {
        foreach (Nobodys::of(JobSheet::of($job))->sure() as ['node' => $node, 'card' => $card]) {
            if (in_array("{$card->key()}={$node->address}", $seen, true)) {
                $this->matching->match($job, $card->slot, $node, $person);
            }
        }
    }

    private function next(SiteJob $job, User $person): void
    {
        $nobodys = Nobodys::of(JobSheet::of($job));
        foreach ($nobodys->waiting() as $card) {
            if (Trigger::of($card->profile) !== null && $card->linkedHub() !== null && ! $nobodys->joinedInPart($card)) {
                $this->listenings->begin($job, $card, $person);

                return;
            }
        }
    }
}
