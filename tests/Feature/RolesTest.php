<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class RolesTest extends TestCase
{
    public function test_a_technician_does_the_work_but_accepts_no_snag_and_issues_no_pack(): void
    {
        $this->as('idris');
        $snag = $this->siteJob()->snags()->firstOrFail();

        $this->get('/jobs/lantern-house/pair')->assertOk()->assertSee('Open the');
        $this->post('/jobs/lantern-house/logbook', ['text' => 'Cleaned the contacts.'])->assertRedirect();
        $this->post("/jobs/lantern-house/snags/{$snag->key}/acceptance", ['accepted_by' => 'Odile Harrow', 'lock_version' => 1])
            ->assertForbidden();
        $this->post('/jobs/lantern-house/packs')->assertForbidden();
        $this->put('/jobs/lantern-house/client', [])->assertForbidden();
        $this->put('/jobs/lantern-house/visit', [])->assertForbidden();
        $this->put('/jobs/lantern-house/rules', [])->assertForbidden();
        $this->get('/jobs/lantern-house/survey')->assertSee('What this job goes by')->assertDontSee('Change the rules of this job');
        $this->get('/jobs/lantern-house/hand-over')
            ->assertSee('A lead records what the client accepts.')
            ->assertDontSee('The client accepts it');
    }

    public function test_a_technician_sees_only_the_jobs_they_are_on(): void
    {
        $this->as('idris')
            ->get('/jobs')
            ->assertSee('Lantern House')
            ->assertDontSee('Calico Court')
            ->assertDontSee('A new job from a job file');
    }

    public function test_the_office_reads_everything_edits_clients_and_changes_no_work(): void
    {
        $this->as('wren');

        foreach (['survey', 'fit', 'pair', 'name', 'mesh', 'bridge', 'hand-over', 'logbook', 'snags', 'export'] as $page) {
            $this->get("/jobs/lantern-house/{$page}")->assertOk();
        }
        $this->get('/jobs/lantern-house/pair')
            ->assertDontSee('Open the join window</button>', false)
            ->assertDontSee('Open the next window</button>', false);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertForbidden();
        $this->post('/jobs/lantern-house/logbook', ['text' => 'x'])->assertForbidden();
        $this->put('/jobs/lantern-house/client', [
            'client_name' => 'Odile Harrow-Pell', 'address' => 'Lantern House', 'lock_version' => 1,
        ])
            ->assertRedirect('/jobs');
        self::assertSame('Odile Harrow-Pell', $this->siteJob()->client_name);
        $visit = ['visit_number' => 3, 'visit_of' => 3, 'planned_minutes' => 120, 'used_minutes' => 0, 'lock_version' => 2];
        $this->put('/jobs/lantern-house/visit', $visit)->assertRedirect('/jobs');
        $this->get('/jobs/lantern-house/pair')->assertSee('2 h 00 planned, 0 min used');
        $this->put('/jobs/lantern-house/visit', $visit)->assertStatus(409);
        $this->from('/jobs')
            ->put('/jobs/lantern-house/visit', [...$visit, 'visit_number' => 4, 'lock_version' => 3])
            ->assertSessionHasErrors(['visit_number' => 'The visit comes after the last one: raise the number of visits first.']);
        self::assertTrue($this->logged('Planned visit 3 of 3, 120 minutes.'));
    }

    public function test_the_office_never_sees_a_secret(): void
    {
        $this->as('wren');
        $id = $this->siteJob()->credentials()->value('id');

        $this->get('/jobs/lantern-house/survey?slot=front-lock')->assertOk()->assertDontSee('Codes');
        $this->post("/jobs/lantern-house/slots/front-lock/credentials/{$id}")->assertForbidden()->assertDontSee('30412');
    }

    public function test_only_a_lead_makes_jobs(): void
    {
        foreach (['idris', 'wren'] as $who) {
            $this->as($who)->post('/jobs')->assertForbidden();
        }
    }
}
