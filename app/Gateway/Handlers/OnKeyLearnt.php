<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\KeyLearnt;
use App\Logbook\Logbook;
use App\Models\JoinWindow;
use App\Models\LearntKey;
use Kavvel\Core\Pairing\LearnAct;
use Kavvel\Core\Pairing\Unclear;

final readonly class OnKeyLearnt
{
    public function __construct(private Logbook $logbook) {}

    public function handle(KeyLearnt $event): void
    {
        $window = JoinWindow::query()->with('slot')->where('reference', $event->window)->where('gateway_id', $event->gateway->id)->first();
        $key = $window?->slot === null ? null : LearntKey::query()
            ->where('slot_id', $window->slot->id)->where('name', $window->learns)->first();
        if ($window?->slot === null || $key === null) {
            return;
        }
        $isOther = LearntKey::query()->where('slot_id', $key->slot_id)->whereKeyNot($key->id)->whereNotNull('signal')->get()
            ->contains(static fn (LearntKey $one): bool => $one->signal === $event->signal);
        if ($isOther) {
            $window->update(['unclear' => Unclear::OtherKey]);

            return;
        }
        $key->take(LearnAct::Learnt, Logbook::HUB, $event->signal);
        $line = "“{$key->name}” of the {$window->slot->title()}: learnt from its remote.";
        $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $window->slot);
    }
}
