<h2>{{ __('school.ranks.title') }}</h2>
@if ($ranks->isEmpty())<x-empty :title="__('school.ranks.none')" :text="__('school.ranks.none-help')"/>@endif
@foreach ($ranks as $rank)
<div class="search-row my-2">
    <form method="post" action="{{ route('ranks.update', $rank) }}" class="search-row m-0">
        @csrf
        @method('put')
        <x-field name="name" :id="'name-'.$rank->id" :label="__('school.ranks.name')"><x-input name="name" :id="'name-'.$rank->id"
            :value="$rank->name" required/></x-field>
        <x-field name="max_beats" :id="'beats-'.$rank->id" :label="__('school.ranks.max-beats')">
            <x-input name="max_beats" :id="'beats-'.$rank->id" type="number" min="1" max="99" :value="$rank->max_beats" required/>
        </x-field>
        <x-field name="goal_rung" :id="'goal-'.$rank->id" :label="__('school.ranks.goal-rung')">
            <x-select name="goal_rung" :id="'goal-'.$rank->id" :options="$rungNames" :value="$rank->goal_rung"/>
        </x-field>
        <x-button>{{ __('words.save') }}</x-button>
    </form>
    <x-delete :action="route('ranks.destroy', $rank)" :size="false" :label="__('words.delete-name', ['name' => $rank->name])"
        :question="__('school.ranks.delete-question', ['name' => $rank->name])"/>
</div>
@endforeach
<form method="post" action="{{ route('ranks.store') }}" class="slab search-row">
@csrf
<x-field name="name" :label="__('school.ranks.new')"><x-input name="name" :value="old('name')" required maxlength="200"/></x-field>
<x-field name="max_beats" :label="__('school.ranks.max-beats')">
    <x-input name="max_beats" type="number" min="1" max="99" :value="old('max_beats', 4)" required/>
</x-field>
<x-field name="goal_rung" :label="__('school.ranks.goal-rung')">
    <x-select name="goal_rung" :options="$rungNames" :value="old('goal_rung', 2)"/>
</x-field>
<x-button kind="rust">{{ __('school.ranks.add') }}</x-button>
</form>
