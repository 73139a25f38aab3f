<x-layout title="Catalogue an attack">
    <h1>Catalogue an attack</h1>
    @if ($form->ranks->isEmpty())
        <x-no-ranks/>
    @else
        <p class="lead-line">Name it exactly: a thumb, a side or a step changes the answer. What cannot go together is not offered.</p>
        <form method="post" action="{{ route('attacks.store') }}">
            @csrf
            @include('attacks.form')
            <button class="btn btn-rust mt-3">Add to the catalogue</button>
            <a class="btn btn-plain mt-3" href="{{ route('attacks.index') }}">Back</a>
        </form>
    @endif
</x-layout>
