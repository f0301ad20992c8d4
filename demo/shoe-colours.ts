/** What was read off the demo's pictures of a pair of shoes; made by `npm run pictures`. */
export const SHOE_COLOURS: readonly object[] = [
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.70043, 0.58197],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.41874, 0.64947],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.30575, 0.49515],
        },
      ],
      corners: [
        [0.21725, 0.37669],
        [0.77328, 0.69645],
        [0.21046, 0.69402],
        [0.55198, 0.52171],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 88.635,
          a: -1.5661,
          b: 10.968,
        },
        sd: {
          L: 0.061111,
          a: 0.0065846,
          b: 0.050883,
        },
        light: {
          level: 0.015286,
          tint: 0.0047536,
        },
        yellow: {
          value: 19.865,
          sd: 0.76292,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 88.713,
          a: -2.4372,
          b: 11.223,
        },
        sd: {
          L: 0.077418,
          a: 0.018756,
          b: 0.069957,
        },
        light: {
          level: 0.020855,
          tint: 0.0070174,
        },
        yellow: {
          value: 19.603,
          sd: 1.1194,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.403,
          a: -1.2723,
          b: 7.8594,
        },
        sd: {
          L: 0.074496,
          a: 0.0077324,
          b: 0.036619,
        },
        light: {
          level: 0.016973,
          tint: 0.005459,
        },
        yellow: {
          value: 14.535,
          sd: 0.89312,
        },
      },
    ],
  },
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.69427, 0.58449],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.42092, 0.64756],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.31299, 0.49371],
        },
      ],
      corners: [
        [0.22834, 0.3755],
        [0.76343, 0.69821],
        [0.21827, 0.68902],
        [0.55135, 0.52317],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 90.177,
          a: -1.3746,
          b: 7.0959,
        },
        sd: {
          L: 0.053415,
          a: 0.0019953,
          b: 0.014098,
        },
        light: {
          level: 0.015198,
          tint: 0.0044032,
        },
        yellow: {
          value: 12.669,
          sd: 0.72376,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 89.905,
          a: -1.2318,
          b: 7.3111,
        },
        sd: {
          L: 0.043873,
          a: 0.0067019,
          b: 0.0127,
        },
        light: {
          level: 0.021633,
          tint: 0.0068369,
        },
        yellow: {
          value: 13.218,
          sd: 1.1219,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.96,
          a: -0.70484,
          b: 7.704,
        },
        sd: {
          L: 0.050742,
          a: 0.011043,
          b: 0.011655,
        },
        light: {
          level: 0.016021,
          tint: 0.004728,
        },
        yellow: {
          value: 14.633,
          sd: 0.77435,
        },
      },
    ],
  },
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.68808, 0.58706],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.42306, 0.64569],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.32019, 0.49233],
        },
      ],
      corners: [
        [0.23942, 0.37435],
        [0.75356, 0.70001],
        [0.22606, 0.68405],
        [0.55068, 0.52468],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 90.37,
          a: -1.0719,
          b: 5.6847,
        },
        sd: {
          L: 0.067601,
          a: 0.0041197,
          b: 0.028891,
        },
        light: {
          level: 0.015828,
          tint: 0.0046361,
        },
        yellow: {
          value: 10.236,
          sd: 0.77266,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 90.112,
          a: -1.14,
          b: 5.8526,
        },
        sd: {
          L: 0.054582,
          a: 0.0099205,
          b: 0.011902,
        },
        light: {
          level: 0.025119,
          tint: 0.0080682,
        },
        yellow: {
          value: 10.523,
          sd: 1.3392,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.445,
          a: -0.42794,
          b: 8.2965,
        },
        sd: {
          L: 0.06426,
          a: 0.042171,
          b: 0.03753,
        },
        light: {
          level: 0.019462,
          tint: 0.006016,
        },
        yellow: {
          value: 16.055,
          sd: 0.9843,
        },
      },
    ],
  },
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.68185, 0.58968],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.42515, 0.64388],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.32737, 0.491],
        },
      ],
      corners: [
        [0.25047, 0.37325],
        [0.74366, 0.70186],
        [0.23382, 0.67913],
        [0.54997, 0.52625],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 90.482,
          a: -0.27273,
          b: 4.6101,
        },
        sd: {
          L: 0.057306,
          a: 0.00043498,
          b: 0.010956,
        },
        light: {
          level: 0.015063,
          tint: 0.00435,
        },
        yellow: {
          value: 8.82,
          sd: 0.73158,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 90.487,
          a: -0.90373,
          b: 4.9768,
        },
        sd: {
          L: 0.057941,
          a: 0.0071549,
          b: 0.012513,
        },
        light: {
          level: 0.019996,
          tint: 0.0062363,
        },
        yellow: {
          value: 9.0134,
          sd: 1.0434,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.839,
          a: -0.55524,
          b: 7.7435,
        },
        sd: {
          L: 0.043189,
          a: 0.0076274,
          b: 0.0089002,
        },
        light: {
          level: 0.016412,
          tint: 0.0048811,
        },
        yellow: {
          value: 14.848,
          sd: 0.79939,
        },
      },
    ],
  },
];
