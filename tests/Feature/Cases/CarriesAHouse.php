<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Models\SiteJob;
use Database\Seeders\Cases;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** One of the houses of docs/cases.md, carried through the application as its technician would. */
abstract class CarriesAHouse extends TestCase
{
    protected SiteJob $house;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->house = app(Cases::class)->load($this->key());
    }

    abstract protected function key(): string;

    protected function url(string $path): string
    {
        return "/jobs/{$this->key()}{$path}";
    }

    /** @return TestResponse<Response> */
    protected function lens(string $lens, ?string $at = null): TestResponse
    {
        return $this->get($this->url("/survey?lens={$lens}".($at === null ? '' : '&at='.rawurlencode($at))))->assertOk();
    }
}
