<h2 id="rungs">{{ __('school.rungs.title') }}</h2>
<p class="lead-line">{{ __('school.rungs.lead') }}</p>
@foreach ($ladder as $rung)
<div class="search-row my-1 rung-row">
    <strong class="rung-number">{{ $rung->number }}</strong>
    <form method="post" action="{{ route('rungs.update', $rung) }}" class="search-row m-0 wide">
        @csrf
        @method('put')
        @include('school.rung', ['key' => $rung->id])
        <x-button size="sm">{{ __('words.save') }}</x-button>
    </form>
    <x-delete :action="route('rungs.destroy', $rung)" :label="__('school.rungs.delete', ['rung' => $rung->number])"
        :question="__('school.rungs.delete-question', ['rung' => $rung->number, 'name' => $rung->name])"/>
</div>
@endforeach
@if ($ladder->isEmpty())<p>{{ __('school.rungs.built-in') }}</p>@endif
<form method="post" action="{{ route('rungs.store') }}" class="slab search-row rung-row">
@csrf
@include('school.rung', ['key' => 'new', 'rung' => null])
<x-button kind="rust" size="sm">{{ __('school.rungs.add') }}</x-button>
</form>
