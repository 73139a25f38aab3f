<x-layout :title="__('beginning.confirm.title', ['school' => $school->school['name']])">
<div class="sign-in">
    <h1>{{ __('beginning.confirm.title', ['school' => $school->school['name']]) }}</h1>
    <p class="lead-line">{{ __('beginning.confirm.lead', ['name' => $school->head['name'], 'email' => $school->head['email']]) }}</p>
    <form method="post" action="{{ route('beginning.confirm') }}">
        @csrf
        <x-hidden :values="['with' => $with]"/>
        <x-button kind="rust">{{ __('beginning.confirm.begin') }}</x-button>
    </form>
</div>
</x-layout>
