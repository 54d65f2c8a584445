<x-layouts.page title="Sign in">
<main class="page max-w-md">
    <h1 class="text-3xl font-bold mt-10 mb-1">Kavvel</h1>
    <p class="quiet mb-6">The site bench for commissioning a smart home.</p>
    <form class="card" action="{{ route('sign-in') }}" method="post">
        @csrf
        @if ($errors->any())<p class="note danger mb-3" role="alert">{{ $errors->first() }}</p>@endif
        <label class="field"><span>E-mail</span>
            <input type="email" name="email" value="{{ old('email') }}" required autofocus autocomplete="username"></label>
        <label class="field"><span>Password</span><input type="password" name="password" required autocomplete="current-password"></label>
        <button class="big mt-4">Sign in</button>
    </form>
</main>
</x-layouts.page>
