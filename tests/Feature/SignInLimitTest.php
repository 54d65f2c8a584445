<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Closure;
use Illuminate\Hashing\BcryptHasher;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use SensitiveParameter;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class SignInLimitTest extends TestCase
{
    private const MARA = 'mara@tarn-thistle.example';

    /** @return array<string, array{list<string>}> */
    public static function spellings(): array
    {
        return [
            'the same' => [[self::MARA]],
            'case and accents' => [['MARA@tarn-thistle.example', 'mára@tarn-thistle.example', 'Mârä@Tarn-Thistle.example']],
            'an account that there is not' => [[
                'nobody@tarn-thistle.example', 'NOBODY@tarn-thistle.example', 'nóbody@tarn-thistle.example',
            ]],
        ];
    }

    /** @param list<string> $spellings */
    #[DataProvider('spellings')]
    public function test_the_sixth_guess_at_an_account_is_held_off_however_it_is_written_and_wherever_it_comes_from(array $spellings): void
    {
        for ($guess = 0; $guess < 5; $guess++) {
            $this->guess($spellings[$guess % count($spellings)], 'wrong', "192.0.2.{$guess}")
                ->assertSessionHasErrors(['email' => 'E-mail and password do not match. Check both and try again.']);
        }
        $this->followingRedirects()->guess($spellings[0], 'lantern-house', '192.0.2.77')->assertSee('Too many tries. Wait');
        $this->assertGuest();
        $this->travel(61)->seconds();
        $this->guess(self::MARA, 'lantern-house', '192.0.2.77')->assertRedirect('/jobs');
    }

    public function test_one_source_is_held_off_across_accounts_and_another_is_not(): void
    {
        for ($guess = 0; $guess < 20; $guess++) {
            $this->guess("person{$guess}@tarn-thistle.example", 'wrong', '192.0.2.1');
        }
        $this->followingRedirects()->guess(self::MARA, 'lantern-house', '192.0.2.1')->assertSee('Too many tries. Wait');
        $this->guess(self::MARA, 'lantern-house', '192.0.2.2')->assertRedirect('/jobs');
    }

    public function test_a_guess_counts_before_it_is_looked_at(): void
    {
        $seen = [];
        $this->compareBy(static function () use (&$seen): bool {
            $seen[] = DB::table('sign_in_tries')->where('outcome', 'wrong')->count();

            return false;
        });
        $this->guess(self::MARA, 'wrong', '192.0.2.1');
        $this->guess(self::MARA, 'wrong', '192.0.2.1');

        self::assertSame([1, 2], $seen);
    }

    public function test_where_there_is_no_account_a_password_is_compared_all_the_same(): void
    {
        $compared = [];
        $this->compareBy(static function (string $password, string $hash) use (&$compared): bool {
            $compared[] = password_get_info($hash)['algoName'];

            return true;
        });
        $this->guess('nobody@tarn-thistle.example', 'anything', '192.0.2.1');

        self::assertSame(['bcrypt'], $compared);
        $this->assertGuest();
    }

    public function test_the_lead_sees_who_tried_and_ends_all_sessions_of_a_user(): void
    {
        $this->guess('idris@tarn-thistle.example', 'wrong', '192.0.2.9');
        $this->guess('idris@tarn-thistle.example', 'lantern-house', '192.0.2.9')->assertRedirect('/jobs');
        $this->get('/jobs')->assertOk();
        $idris = $this->user('idris');
        $here = session()->all();

        $this->flushSession();
        $this->as('mara')
            ->get('/people')
            ->assertOk()
            ->assertSeeInOrder(['Idris Vane, signed in', '192.0.2.9', 'Idris Vane, wrong password']);
        $this->delete("/people/{$idris->id}/sessions")->assertRedirect('/people');
        self::assertNull($idris->refresh()->getAttribute('remember_token'));

        auth()->forgetGuards();
        $this->withSession($here)->get('/jobs')->assertRedirect('/sign-in');
        $this->assertGuest();
        $this->guess('idris@tarn-thistle.example', 'lantern-house', '192.0.2.9')->assertRedirect('/jobs');
        $this->get('/jobs')->assertOk();
    }

    public function test_a_fragment_of_ended_sessions_leads_to_the_sign_in(): void
    {
        $this->user('idris')->forceFill(['session_era' => 3])->save();
        $this->as('idris')->htmx('GET', '/jobs/lantern-house/pair')->assertStatus(401)->assertHeader('HX-Redirect', route('sign-in'));
    }

    public function test_only_a_lead_looks_and_only_at_the_own_company(): void
    {
        $this->as('idris')->get('/people')->assertForbidden();
        $this->as('wren')->get('/people')->assertForbidden();
        $sol = User::query()->where('email', 'sol@quill-barrow.example')->firstOrFail();
        $this->guess('sol@quill-barrow.example', 'wrong', '192.0.2.9');
        $this->as('mara')->get('/people')->assertDontSee('Sol Emberly');
        $this->delete("/people/{$sol->id}/sessions")->assertNotFound();
        self::assertSame(0, $sol->refresh()->session_era);
    }

    /** @param Closure(string, string): bool $compare */
    private function compareBy(Closure $compare): void
    {
        Hash::swap(new class ($compare) extends BcryptHasher {
            /** @param Closure(string, string): bool $compare */
            public function __construct(private readonly Closure $compare)
            {
                parent::__construct();
            }

            /** @param array<string, mixed> $options */
            public function check(#[SensitiveParameter] $value, $hashedValue, array $options = []): bool
            {
                return ($this->compare)($value, $hashedValue);
            }
        });
    }

    /** @return TestResponse<Response> */
    private function guess(string $email, string $password, string $from): TestResponse
    {
        return $this->from('/sign-in')
            ->call('POST', '/sign-in', ['email' => $email, 'password' => $password], server: ['REMOTE_ADDR' => $from]);
    }
}
