<?php

declare(strict_types=1);

namespace App\Tenancy;

use Closure;

/**
 * The company on whose behalf this request, queue job or console command works. It is always set on
 * purpose; until then every query for a company's records fails.
 */
final class CurrentCompany
{
    private ?int $id = null;

    /** @throws NoCurrentCompany */
    public function id(): int
    {
        return $this->id ?? throw NoCurrentCompany::chosen();
    }

    public function enter(int $companyId): void
    {
        $this->id = $companyId;
    }

    public function leave(): void
    {
        $this->id = null;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function during(int $companyId, Closure $work): mixed
    {
        $before = $this->id;
        $this->id = $companyId;
        try {
            return $work();
        } finally {
            $this->id = $before;
        }
    }
}
