<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Who may do what with a job. Whoever may not even see it is told that there is none. */
final class SiteJobPolicy
{
    public function view(User $user, SiteJob $job): Response
    {
        return $this->sees($user, $job) ? Response::allow() : Response::denyAsNotFound();
    }

    /** Pairing, naming, surveys, proofs, snags, notes, slots. */
    public function work(User $user, SiteJob $job): Response
    {
        if (! $this->sees($user, $job)) {
            return Response::denyAsNotFound();
        }

        return $user->role === Role::Office ? Response::deny('The office reads the work; it does not change it.') : Response::allow();
    }

    /** Accepting snags and issuing packs. */
    public function lead(User $user, SiteJob $job): Response
    {
        if (! $this->sees($user, $job)) {
            return Response::denyAsNotFound();
        }

        return $user->role === Role::Lead ? Response::allow() : Response::deny('Only a lead may do this.');
    }

    public function editClient(User $user, SiteJob $job): Response
    {
        if (! $this->sees($user, $job)) {
            return Response::denyAsNotFound();
        }

        return $user->role === Role::Technician ? Response::deny('The office or a lead edits clients.') : Response::allow();
    }

    public function seeSecrets(User $user, SiteJob $job): Response
    {
        return $this->work($user, $job);
    }

    public function create(User $user): bool
    {
        return $user->role === Role::Lead;
    }

    private function sees(User $user, SiteJob $job): bool
    {
        if ($job->company_id !== $user->company_id) {
            return false;
        }

        return $user->role !== Role::Technician || $job->users()->whereKey($user->id)->exists();
    }
}
