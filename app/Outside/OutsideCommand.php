<?php

declare(strict_types=1);

namespace App\Outside;

use App\Tenancy\CurrentCompany;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * Something that a hub, a box or an ecosystem is told or asked. It goes out from a queue, so that one that hangs holds up no page;
 * told twice, it is carried out once.
 */
abstract class OutsideCommand implements ShouldQueue
{
    use Queueable;

    public const QUEUE = 'commands';

    public int $tries = 3;

    public int $timeout = 15;

    // Not readonly: a job comes out of the queue through the constructor of none of its classes.
    protected int $companyId;

    public function __construct(int $company)
    {
        $this->companyId = $company;
        $this->onConnection(self::QUEUE)->onQueue(self::QUEUE);
    }

    final public function handle(CurrentCompany $company): void
    {
        $company->during($this->companyId, fn () => $this->carryOut());
    }

    /** The worker was ended three times in the middle of it. */
    public function failed(?Throwable $why): void
    {
        app(CurrentCompany::class)->during($this->companyId, fn () => $this->refused("{$this->who()} could not be told. Try it again."));
    }

    abstract protected function carryOut(): void;

    /** It has not happened. */
    abstract protected function refused(string $why): void;

    /** Whom it is told, at the beginning of a sentence. */
    protected function who(): string
    {
        return 'The hub';
    }
}
