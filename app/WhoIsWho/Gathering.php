<?php

declare(strict_types=1);

namespace App\WhoIsWho;

use App\JobSheet\Hub;
use App\JobSheet\HubChoices;
use App\JobSheet\JobSheet;
use App\Models\JoinWindow;
use App\Models\Node;
use Kavvel\Core\Protocol\Protocol;

/** Letting in whatever is ready of one radio, to tell it apart afterwards. */
final readonly class Gathering
{
    /**
     * @param  JoinWindow|null  $window  that is open for whatever is ready
     * @param  int  $open  slots of the radio without a device
     * @param  list<Node>  $coming  that have announced, and are not in yet
     */
    private function __construct(
        public Protocol $protocol,
        public Hub $hub,
        public ?JoinWindow $window,
        public int $open,
        public array $coming,
    ) {}

    /** @return list<self> of every radio that takes many at once, where slots wait for its devices or its window is open */
    public static function all(JobSheet $sheet): array
    {
        $windows = JoinWindow::query()->where('site_job_id', $sheet->job->id)->whereIn('state', JoinWindow::UNDER_WAY)
            ->where('kind', 'join')->whereNull('slot_id')->doesntHave('attempts')->with('user')->latest('id')->get();
        $all = [];
        foreach (Protocol::paired() as $protocol) {
            $hub = (new HubChoices($sheet->hubs))->main($protocol);
            $window = $windows->firstWhere('protocol', $protocol);
            $open = count(array_filter(
                $sheet->ofProtocol($protocol),
                static fn ($card): bool => ! $card->isIn() && ! $card->isBehindBridge(),
            ));
            if ($protocol->rules()->takesManyAtOnce() && $hub?->opens($protocol) === true && ($open > 0 || $window !== null)) {
                $all[] = new self($protocol, $hub, $window, $open, self::coming($sheet, $hub, $window));
            }
        }

        return $all;
    }

    public function secondsLeft(): ?int
    {
        return $this->window?->secondsLeft($this->hub->gateway->clock_ahead_seconds);
    }

    /** @return list<Node> */
    private static function coming(JobSheet $sheet, Hub $hub, ?JoinWindow $window): array
    {
        $since = $window?->opened_at;

        return $since === null ? [] : array_values(array_filter(
            $sheet->nodes,
            static fn (Node $node): bool => $node->gateway_id === $hub->gateway->id && $node->protocol === $window->protocol
                && $node->state === 'announced' && $node->heard_at?->greaterThanOrEqualTo($since) === true,
        ));
    }
}
