<x-layout title="Sign in">
    <div class="sign-in">
        <h1>Sign in</h1>
        <p class="lead-line">What your school teaches, what it misses, and what each student can do under pressure.</p>
        <form method="post" action="{{ route('sign-in') }}" class="slab mt-3">
            @csrf
            <x-field name="email" label="E-mail address" class="mb-3">
                <input class="form-control @error('email') is-invalid @enderror" id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required autofocus @error('email') aria-describedby="email-error" @enderror>
            </x-field>
            <x-field name="password" label="Password" class="mb-3">
                <input class="form-control" id="password" name="password" type="password" autocomplete="current-password" required>
            </x-field>
            <div class="form-check mb-3">
                <input class="form-check-input" type="checkbox" name="remember" value="1" id="remember" @checked(old('remember'))>
                <label class="form-check-label" for="remember">Stay signed in on this device</label>
            </div>
            <button class="btn btn-rust">Sign in</button>
        </form>
    </div>
</x-layout>
