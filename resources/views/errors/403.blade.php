<x-message name="403"/>
