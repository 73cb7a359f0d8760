// Jug on the sill: an invented still life for the demo drawing.
#version 3.7;
global_settings { assumed_gamma 1.0 max_trace_level 6 }
camera { location <0, 4.2, -13> look_at <0.2, 2.7, 0> right x*4/5 up y angle 40 }
light_source { <-13, 12, -9> rgb <1.05, 1.0, 0.92>*1.15 area_light <3,0,0>, <0,3,0>, 4, 4 adaptive 1 jitter }
light_source { <10, 6, -12> rgb <0.16, 0.18, 0.22> shadowless }
box { <-12, -1, 5>, <12, 14, 5.2> pigment { rgb <0.40,0.37,0.34> } finish { diffuse 0.7 } }
box { <-12, -5, -4.05>, <12, 0, 5> pigment { rgb <0.82,0.79,0.72> } normal { bumps 0.05 scale 0.4 } finish { diffuse 0.8 } }
// cloth
box { <-5.2, 0, -4.02>, <1.2, 0.05, 0.4> pigment { checker rgb <0.86,0.86,0.84>, rgb <0.38,0.47,0.60> scale 0.62 } rotate y*-7 }
// jug
#declare Glaze = texture { pigment { rgb <0.20,0.30,0.52> } finish { diffuse 0.6 specular 0.7 roughness 0.012 reflection 0.07 } }
union {
  difference {
    sor { 8, <1.0,-0.2> <1.15,0> <1.75,0.9> <1.85,1.9> <1.35,3.2> <0.92,4.0> <1.12,4.7> <1.2,5.0> }
    cylinder { <0,4.2,0>, <0,5.2,0>, 0.86 }
  }
  sphere_sweep { cubic_spline 6, <0.6,4.6,0>,0.17 <1.0,4.4,0>,0.17 <2.2,4.3,0>,0.19 <2.5,3.0,0>,0.18 <1.6,2.3,0>,0.16 <1.2,2.2,0>,0.16 }
  cone { <-0.75,4.35,0>, 0.34, <-1.38,4.74,0>, 0.2 }
  texture { Glaze } rotate y*-24 translate <1.1,0,1.0>
}
// pears
#declare Pear = sor { 8, <0.0,-0.2> <0.35,0> <1.05,0.55> <1.12,1.05> <0.78,1.75> <0.48,2.25> <0.18,2.55> <0.0,2.7> }
#declare Stalk = sphere_sweep { cubic_spline 4, <0,2.3,0>,0.06 <0,2.45,0>,0.06 <0.12,2.95,0>,0.07 <0.2,3.2,0>,0.07 }
union { object { Pear pigment { gradient x color_map { [0 rgb <0.80,0.70,0.22>] [1 rgb <0.58,0.62,0.20>] } scale 2.4 translate -1.2 } finish { diffuse 0.75 specular 0.25 roughness 0.05 } } object { Stalk pigment { rgb <0.26,0.18,0.10> } } translate <-2.1,0.05,-1.4> }
union { object { Pear pigment { gradient y color_map { [0 rgb <0.70,0.62,0.20>] [1 rgb <0.62,0.30,0.16>] } scale 2.6 } finish { diffuse 0.75 specular 0.25 roughness 0.05 } } object { Stalk pigment { rgb <0.26,0.18,0.10> } } scale 0.9 rotate z*-86 rotate y*-28 translate <-1.2,1.0,-2.7> }
// plum
sphere { <2.75,0.62,-2.3>, 0.66 pigment { rgb <0.30,0.10,0.22> } finish { diffuse 0.7 specular 0.35 roughness 0.04 } }
