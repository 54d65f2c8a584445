<?php

declare(strict_types=1);

namespace App\Ecosystems;

use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Outside\OutsideCommand;
use App\Outside\OutsideFailure;

/** Asks an ecosystem what it shows, or a box what runs on it. What was read before stays where it does not answer. */
final class ReadPlace extends OutsideCommand
{
    /** @var class-string<Ecosystem|BridgeBox> */
    private string $kind;

    private int $id;

    public function __construct(Ecosystem|BridgeBox $one)
    {
        parent::__construct($one->company_id);
        $this->kind = $one::class;
        $this->id = $one->id;
    }

    protected function carryOut(): void
    {
        $one = $this->place();
        if ($one?->url === null) {
            return;
        }
        try {
            app(Reader::class)->read($one);
        } catch (OutsideFailure $failure) {
            $this->refused($failure->getMessage());
        }
        $one->job()->firstOrFail()->touchLive();
    }

    protected function refused(string $why): void
    {
        $this->place()?->update(['asked_at' => null, 'read_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }

    protected function who(): string
    {
        return $this->place()->name ?? 'It';
    }

    private function place(): Ecosystem|BridgeBox|null
    {
        return $this->kind::query()->whereKey($this->id)->first();
    }
}
