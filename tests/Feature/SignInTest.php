<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class SignInTest extends TestCase
{
    public function test_the_right_password_leads_to_the_jobs(): void
    {
        $this->get('/')->assertRedirect('/jobs');
        $this->get('/jobs')->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => 'mara@tarn-thistle.example', 'password' => 'lantern-house'])->assertRedirect('/jobs');
        $this->get('/jobs')->assertOk()->assertSeeInOrder(['Lantern House', 'Go to work', 'Flat 9B, Calico Court', 'Hollin Barn']);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->get('/jobs')->assertRedirect('/sign-in');
    }

    public function test_a_wrong_password_says_what_to_do_and_keeps_the_address(): void
    {
        $this->from('/sign-in')->followingRedirects()->post('/sign-in', ['email' => 'mara@tarn-thistle.example', 'password' => 'wrong'])
            ->assertSee('E-mail and password do not match. Check both and try again.')->assertSee('mara@tarn-thistle.example');
        $this->assertGuest();
    }

    public function test_guessing_is_slowed_down_and_signing_in_is_not(): void
    {
        $try = fn (string $password) => $this
            ->from('/sign-in')
            ->post('/sign-in', ['email' => 'mara@tarn-thistle.example', 'password' => $password]);
        for ($i = 0; $i < 8; $i++) {
            $try('lantern-house')->assertRedirect('/jobs');
            $this->post('/sign-out');
        }
        for ($i = 0; $i < 5; $i++) {
            $try("guess-{$i}")->assertSessionHasErrors(['email' => 'E-mail and password do not match. Check both and try again.']);
        }
        $this->followingRedirects()
            ->from('/sign-in')
            ->post('/sign-in', ['email' => 'Mara@tarn-thistle.example', 'password' => 'lantern-house'])
            ->assertSee('Too many tries. Wait');
        $this->assertGuest();
    }

    public function test_a_fragment_of_an_ended_session_leads_the_whole_page_to_the_sign_in(): void
    {
        $this->htmx('GET', '/jobs/lantern-house/pair')->assertStatus(401)->assertHeader('HX-Redirect', route('sign-in'));
    }

    public function test_every_answer_forbids_foreign_and_inline_script(): void
    {
        foreach ([$this->get('/sign-in'), $this->as('mara')->get('/jobs/lantern-house/pair'), $this->get('/jobs/nope')] as $response) {
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy);
            self::assertStringContainsString("script-src 'self'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertStringContainsString('no-store', (string) $response->headers->get('Cache-Control'));
            self::assertDoesNotMatchRegularExpression('/<script(?![^>]*src=)|\sstyle="|\son[a-z]+="/', (string) $response->getContent());
        }
    }

    public function test_single_keys_can_be_switched_off(): void
    {
        $this->as('mara')->get('/jobs/lantern-house/pair')->assertSee('data-single-keys="on"', false);
        $this->put('/keys', ['single_keys' => 0])->assertRedirect();
        $this->get('/jobs/lantern-house/pair')->assertSee('data-single-keys="off"', false);
    }
}
