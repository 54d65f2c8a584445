<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What somebody learns who should learn nothing. */
final class StrangerTest extends TestCase
{
    public function test_a_job_that_one_is_not_on_and_one_that_there_is_not_look_the_same(): void
    {
        $this->siteJobsWithout('idris');
        foreach (['get', 'post', 'put', 'delete'] as $method) {
            foreach (['', '/pair', '/logbook', '/slots/hall-relay', '/rules', '/packs/1'] as $path) {
                foreach ([[], ['HTTP_HX-Request' => 'true']] as $headers) {
                    $there = $this->call($method, "/jobs/lantern-house{$path}", server: $headers);
                    $nowhere = $this->call($method, "/jobs/lantern-hovel{$path}", server: $headers);

                    self::assertSame($nowhere->getStatusCode(), $there->getStatusCode(), "{$method} {$path}");
                    self::assertSame(
                        str_replace('lantern-hovel', 'lantern-house', (string) $nowhere->getContent()),
                        (string) $there->getContent(),
                        "{$method} {$path}",
                    );
                }
            }
        }
    }

    public function test_no_answer_names_a_class_or_leads_outside(): void
    {
        $this->as('mara');
        foreach ([
            ['GET', '/jobs/nowhere/pair', 404], ['GET', '/jobs/lantern-house/packs/77', 404], ['GET', '/nothing', 404],
            ['DELETE', '/jobs', 405], ['POST', '/up', 405], ['GET', '/up', 200], ['PUT', '/jobs/lantern-house/slots/none', 404],
        ] as [$method, $url, $status]) {
            foreach ([[], ['HTTP_HX-Request' => 'true']] as $headers) {
                $answer = $this->call($method, $url, server: $headers)->assertStatus($status);
                $text = (string) $answer->getContent();
                self::assertDoesNotMatchRegularExpression(
                    '/App\\\\|Illuminate|Symfony|Exception|vendor|route/i',
                    $text,
                    "{$method} {$url}",
                );
                preg_match_all('/(?:href|src|action)="(https?:\/\/[^"]+)"/', $text, $links);
                foreach ($links[1] as $link) {
                    self::assertStringStartsWith('http://localhost/', $link);
                }
                self::assertStringContainsString($headers === [] ? '· Kavvel</title>' : '', $text);
            }
        }
    }

    public function test_another_name_is_not_answered_to(): void
    {
        foreach (['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example'] as $host) {
            $this->get("http://{$host}/sign-in")->assertStatus(421)->assertDontSee('evil.example')->assertDontSee('Password');
        }
        $this->get('http://127.0.0.1/sign-in')->assertOk();
    }

    private function siteJobsWithout(string $who): void
    {
        $this->as('mara');
        $this->siteJob()->users()->detach($this->user($who)->id);
        $this->as($who);
    }
}
