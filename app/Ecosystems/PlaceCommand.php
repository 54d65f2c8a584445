<?php

declare(strict_types=1);

namespace App\Ecosystems;

use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Outside\OutsideCommand;
use App\Outside\OutsideFailure;

/**
 * Something that an ecosystem or a box is told or asked over its own link.
 *
 * @template T of Ecosystem|BridgeBox
 */
abstract class PlaceCommand extends OutsideCommand
{
    // Not private: a job comes out of the queue through the constructor of none of its classes.
    /** @var class-string<T> */
    protected string $kind;

    protected int $placeId;

    /** @param T $one */
    public function __construct(Ecosystem|BridgeBox $one)
    {
        parent::__construct($one->company_id);
        $this->kind = $one::class;
        $this->placeId = $one->id;
    }

    final protected function carryOut(): void
    {
        $one = $this->place();
        if ($one?->url === null) {
            $one?->update(['asked_at' => null]);

            return;
        }
        try {
            $this->tell($one);
        } catch (OutsideFailure $failure) {
            $this->refused($failure->getMessage());
        }
        $one->job()->firstOrFail()->touchLive();
    }

    /**
     * @param  T  $one
     *
     * @throws OutsideFailure
     */
    abstract protected function tell(Ecosystem|BridgeBox $one): void;

    /** What was read before stays. */
    final protected function refused(string $why): void
    {
        $this->place()?->update(['asked_at' => null, 'read_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }

    final protected function who(): string
    {
        return $this->place()->name ?? 'It';
    }

    /** @return T|null */
    private function place(): Ecosystem|BridgeBox|null
    {
        /** @var T|null $one */
        $one = $this->kind::query()->whereKey($this->placeId)->first();

        return $one;
    }
}
